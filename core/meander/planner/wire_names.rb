# frozen_string_literal: true

module Meander
  module Planner
    # How base wires are told apart in sentences: by their place in the first section they lie in, which is named where
    # there are several. The same in cuts, marks and steps.
    class WireNames
      # sections: Crafts::Worked, in their order.
      def initialize(sections)
        @sections = sections
        freeze
      end

      # "the far wire", "wire 2 of section 3".
      def call(wire)
        section = home(wire)
        Weave::WireName.said(section.base, "#{own(section, wire)}#{of(section)}")
      end

      # Several: "wires 1, 2 and 5 of section 1", "both wires".
      def list(wires)
        Units::Text.list(wires.uniq.group_by { |wire| home(wire) }.map { |section, some|
          Weave::WireName.said(section.base, together(section, some))
        })
      end

      # An end of a base wire at a seat of a section: that of a folded wire is told by the side it lies at.
      def self.end_at(section, number)
        seat = Weave::WireName.call(number, section.base.size)
        return seat if section.base.count(section.base[number]) == 1

        return "the end at #{seat}" unless section.base.size == 2

        "the #{%w[near far][number]} end of #{twice(section, section.base[number])}"
      end

      # What a wire is called that lies at both seats.
      def self.twice(section, wire)
        (section.section.piece.routes.folds.any? { |fold| fold.wire[:id] == wire.id }) ? "the folded wire" : "the wire"
      end

      # Where a wire that lies at several seats does so.
      def self.legs(numbers) = "legs #{Units::Text.list(numbers.map { |number| number + 1 })}"

      private

      def home(wire) = @sections.find { |section| section.base.include?(wire) }
      def of(section) = (@sections.size == 1) ? "" : " of section #{@sections.index(section) + 1}"

      def own(section, wire)
        numbers = section.base.each_index.select { |number| section.base[number] == wire }
        return Weave::WireName.call(numbers.first, section.base.size) if numbers.size == 1
        return WireNames.twice(section, wire) if section.base.uniq.size == 1

        "the wire of #{WireNames.legs(numbers)}"
      end

      def together(section, wires)
        all = section.base
        numbers = wires.map { |wire| all.index(wire) }.sort
        return "both wires#{of(section)}" if numbers.size == 2 && all.size == 2
        return "#{one_by_one(section, wires)}#{of(section)}" if plain?(all, numbers)

        "wires #{Units::Text.list(numbers.map { |number| number + 1 })}#{of(section)}"
      end

      # "the wires of legs 1 and 2 and of legs 3 and 4", where all of them have several.
      def one_by_one(section, wires)
        names = wires.sort_by { |wire| section.base.index(wire) }.map { |wire| own(section, wire) }
        return Units::Text.list(names) unless names.size > 1 && names.all? { |name| name.include?(" of legs ") }

        "the wires #{Units::Text.list(names.map { |name| name.delete_prefix("the wire ") })}"
      end

      # Are they told one by one?
      def plain?(all, numbers) = numbers.size == 1 || all.size < 3 || all.uniq.size < all.size
    end
  end
end
