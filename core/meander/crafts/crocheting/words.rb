# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      # What a crocheted section is called, and its rows and stitches in words.
      module Words
        NUMBERS = {2 => "two", 3 => "three"}.freeze

        # layout: Layout; count: how far it is made.
        def self.call(layout, count) = "#{named(layout, count)}#{held(layout)}#{formed(layout)}"

        def self.named(layout, count)
          shape, stitch = layout.shape, layout.shape[:stitch] && Crochet::Stitches.fetch(layout.shape[:stitch]).plural
          case layout.kind
          when "cord" then (layout.cords == 1) ? "a cord of chains" : "#{layout.cords} cords of chains side by side"
          when "band" then "a crocheted band of #{stitch}, #{band(layout, count)}"
          when "tube" then "a crocheted tube of #{stitch}, #{layout.breadth} round"
          when "cup" then "a crocheted cup of #{stitch} over #{Units::Text.length(shape[:over].mm)}"
          when "rows" then "a crocheted fabric"
          else "a crocheted #{layout.kind} of #{stitch}"
          end
        end

        def self.band(layout, count)
          layout.along? ? Units::Text.count(layout.breadth, "row") + " along it" : "#{layout.breadth} across"
        end

        def self.held(layout)
          return ", its wires taken in turn" if layout.section[:turns]

          (layout.held > 1) ? ", #{NUMBERS.fetch(layout.held)} wires held together" : ""
        end

        # What it is bent to; nothing where it is straight.
        def self.formed(layout) = StripForms.after(layout.section.form)

        # So many chains, rows or rounds.
        def self.counted(layout, count)
          return Units::Text.count(count, "chain") if layout.kind == "cord"
          return Units::Text.count(count, "stitch", "stitches") if layout.along?

          Units::Text.count(count, layout.fabric(1).round? ? "round" : "row")
        end

        # A run of stitches alike, as it is worked: "12 singles, one into each", "2 singles into the next one".
        def self.item(item)
          one = Crochet::Stitches::ALL[item.kind]
          case item.kind
          when "skip" then "pass over #{Units::Text.count(item.times, "place")}"
          when "picot" then "#{times(item.times)}a picot of 3 chains, closed by a slip stitch"
          when "chain" then one.words(item.times)
          else worked(item, one)
          end
        end

        def self.worked(item, one)
          if item.into > 1
            where = (item.times == 1) ? "the next place" : "each of the next #{item.times} places"
            "#{one.words(item.into)} into #{where}"
          elsif item.over > 1
            "#{times(item.times)}#{Units::Text.a(one.name)} over #{item.over} places"
          else
            single = "#{Units::Text.a(one.name)} into the next place"
            (item.times == 1) ? single : "#{one.words(item.times)}, one into each place"
          end
        end

        # One of its stitches by itself: "a single into the next", "a double, 3 into one place".
        def self.name(item)
          return "pass over #{Units::Text.count(item.over, "place")}" if item.kind == "skip"

          name = Units::Text.a(Crochet::Stitches::ALL[item.kind]&.name || "picot")
          return name unless item.worked?
          return "#{name}, #{item.into} into one place" if item.into > 1

          (item.over > 1) ? "#{name} over #{item.over} places" : "#{name} into the next"
        end

        def self.times(count) = (count == 1) ? "" : "#{count} times "

        # A whole row: what is made again and again is said once.
        def self.row(row)
          items = row.items.map { |one| item(one) }
          run = Crochet::Again.call(items) or return items.join(", then ")

          [*run.before, "#{run.times} times (#{run.block.join(", then ")})", *run.after].join(", then ")
        end
        private_class_method :named, :band, :held, :formed, :worked, :times
      end
    end
  end
end
