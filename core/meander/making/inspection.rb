# frozen_string_literal: true

module Meander
  module Making
    # What a finished piece is looked over for: only what this one has, by its crafts, counts, endings and findings
    # (common practice, no source).
    class Inspection
      # @param plan [Planner::Plan]
      # @return [Array<Hash>] id:, words:, in the order it is looked at
      def self.call(plan) = new(plan).call

      def initialize(plan)
        @plan = plan
        @piece = plan.piece
        @found = []
      end

      def call
        item("faces", "Both faces: what belongs behind does not show in front.")
        @plan.sections.each { |section| worked(section) }
        beads
        @piece.endings.uniq(&:kind).each { |ending| ended(ending.kind) }
        hung
        worn
        item("pair", "The second held against the first: as long, as many, its mirror image.") if @plan.pair?
        item("tips", "Nothing scratches a fingertip or catches a scrap of cloth.")
        @found
      end

      private

      def say(mm) = Units::Text.length(mm)
      def item(id, words) = @found << {id:, words: Units::Text.sentence(words)}
      def in_words(section) = @plan.called(section)&.then { |called| "#{Units::Text.sentence(called)}: " } || ""

      def worked(section)
        id, where = section.id, in_words(section)
        case section.section.craft
        when "weave" then woven(id, where, section)
        when "braid"
          item("#{id} edges", "#{where}every strand lies over where it should, both edges run straight.")
        when "crochet"
          item("#{id} stitches", "#{where}#{section.stitches} stitches, none dropped, the last row as wide as the " \
                                 "first.")
        when "knot" then knotted(id, where, section)
        when "bend" then item("#{id} form", "#{where}lies flat on its template, no tool mark to be seen.")
        end
      end

      def woven(id, where, section)
        item("#{id} gaps", "#{where}even wraps, level ends, no bare wire where there should be none.")
        item("#{id} count", "#{where}#{counted(section)}.") if section.repeats
        bare = @plan.band ? section.strip.bare_mm : 0.0
        item("#{id} centred", "Centred on its wires: #{say(bare)} bare at each end.") if bare.positive?
      end

      # Worked from its middle it has as many to either side.
      def counted(section)
        sides = section.layout.sides
        count = Units::Text.count(section.repeats / sides, "repeat")
        (sides == 2) ? "#{count} to the left of the middle, as many to the right" :
          "#{count}, counted once more from the other end"
      end

      def knotted(id, where, section)
        count = Units::Text.count(section.placed.size, "knot")
        item("#{id} count", "#{where}#{count}, none of them slipped or turned over.")
        item("#{id} edges", "#{where}both edges straight, no cord longer between knots than its neighbour.")
      end

      def beads
        count = @plan.beads.sum(&:count)
        item("beads", "#{Units::Text.count(count, "bead")}, none cracked, every hole covered.") if count.positive?
      end

      ENDED = {"loop" => "Loops closed, their necks bound tight.",
        "hook" => "The hook turned inwards, its tip rounded.",
        "doubled_hook" => "The hook turned inwards, its tip rounded.", "eye" => "Eyes closed: a hair does not pass.",
        "curl" => "Curls flat and closed.", "post" => "The ear post straight and smooth to its tip.",
        "bail" => "The bail closed; the chain's widest part passes.",
        "ribbon" => "Ribbon ends hold when they are pulled.",
        "led" => "Ends led through loops drawn up, their tips rounded.",
        "coil" => "Coils turn against turn.", "wrap" => "Wraps lie close, their ends tucked in."}.freeze

      def ended(kind)
        item("ending #{kind}", ENDED.fetch(kind)) if ENDED.key?(kind)
      end

      def hung
        kinds = @piece.findings.map { |one| one.fields[:kind] }
        item("rings", "Jump rings closed without a step; every one tried.") if kinds.include?("jump_rings")
        item("hook", ENDED.fetch("hook")) if kinds.include?("eye_hook")
        item("toggle", "The toggle's bar passes its eye and does not come back by itself.") if kinds.include?("toggle")
        item("hangs", "It hangs straight, front to the front.") if %w[earring pendant].include?(@piece.kind)
      end

      def worn
        fit = @plan.fit
        size = (@piece.kind == "ring") ? fit.size_words.to_s : fit.wrist_mm && say(fit.wrist_mm)
        return if size.nil? || size.empty?

        item("size", "On the #{(@piece.kind == "ring") ? "ring mandrel" : "wrist guide"}: #{size}.")
      end
    end
  end
end
