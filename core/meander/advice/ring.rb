# frozen_string_literal: true

module Meander
  module Advice
    # What a woven band does to a ring's size.
    module Ring
      # Wider bands than this feel tighter than narrow ones of the same size. Common practice, no source.
      WIDE_MM = 6.0

      def self.call(plan)
        return unless plan.piece.ring? && plan.free && plan.fit.wrist_mm

        [thickness(plan), wide(plan)].compact
      end

      def self.thickness(plan)
        thick = plan.free.thickness_mm
        inside = plan.fit.wrist_mm + plan.fit.ease_mm
        AdviceItem.new(id: "ring-band-thickness", severity: "note", place: "/worn",
          title: "The band is #{Units::Text.length(thick)} thick, so the strip is " \
                 "#{Units::Text.length(Math::PI * thick)} longer than the finger is round",
          why: "The size is measured inside, the strip along its middle. Cut as long as the finger is round " \
               "it would be #{Units::RingSize.names(inside - (Math::PI * thick))}.",
          remedy: "Measure the finished ring on a mandrel, where the band is thickest.",
          figures: {thickness_mm: thick, longer_mm: Math::PI * thick})
      end

      def self.wide(plan)
        width = plan.free.width_mm
        return if width <= WIDE_MM

        AdviceItem.new(id: "ring-wide-band", severity: "note", place: "/worn",
          title: "A band #{Units::Text.length(width)} wide feels tighter",
          why: "It rests on more of the finger than a narrow one (common practice, no source).",
          remedy: "Weave it up to half a size larger.", figures: {width_mm: width})
      end
      private_class_method :thickness, :wide
    end
  end
end
