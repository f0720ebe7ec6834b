# frozen_string_literal: true

module Meander
  module Advice
    # Ribbon ends: what they are wide and thick inside against the bulk of the strip, and glue.
    module Ribbons
      def self.call(plan)
        ribbons = plan.piece.endings.each_with_index.select { |ending, _| ending.kind == "ribbon" }.map do |ending, i|
          [ending, "/endings/#{i}"]
        end
        sizes = ribbons.flat_map do |fields, place|
          [size(fields, plan.bulk_mm(fields), place), shallow(plan, fields, place)]
        end
        sizes << glue(ribbons)
      end

      def self.size(fields, (wide, thick), place)
        short = {wide: wide - fields[:wide].mm, thick: thick - fields[:thick].mm}.select do |_, mm|
          mm > Tolerance::PACKING_MM
        end
        bulk = "The strip is #{Units::Text.length(wide)} wide and #{Units::Text.length(thick)} thick."
        figures = {wide_mm: wide, thick_mm: thick}
        if short.any?
          key, mm = short.max_by(&:last)
          return AdviceItem.of("ribbon-small", "stop", "#{place}/#{key}",
            "The ribbon end is #{Units::Text.length(mm)} too #{(key == :wide) ? "narrow" : "thin"} inside", bulk,
            "One at least #{Units::Text.length(wide)} by #{Units::Text.length(thick)} inside, or flatten the end of " \
            "the strip.", **figures)
        end
        if fields[:wide].mm - wide <= 2 * Endings::RibbonEnd::SLACK_MM &&
            fields[:thick].mm - thick <= Endings::RibbonEnd::SLACK_MM
          return
        end

        AdviceItem.of("ribbon-loose", "warn", "#{place}/wide", "The ribbon end is much larger than the strip", bulk,
          "A closer one holds better; else fill it: fold the ends over once more, or glue it.", **figures)
      end

      # Ends bent over need as much depth as their bend.
      def self.shallow(plan, fields, place)
        need = 3 * fields.wires.map(&:mm).max
        return if fields[:depth].mm >= need

        AdviceItem.of("ribbon-shallow", "warn", "#{place}/depth", "The ribbon end is too shallow for bent ends",
          "A wire bent over inside takes about three times its thickness.",
          "One at least #{Units::Text.length(need)} deep.",
          depth_mm: fields[:depth].mm, need_mm: need)
      end

      def self.glue(ribbons)
        place = ribbons.find { |fields, _| fields[:glued] }&.last
        return unless place

        AdviceItem.of("glue-cures", "note", "#{place}/glued", "Glue needs its time",
          "A glue that is dry outside can still be soft inside; how long it cures, and how it is handled, its " \
          "label says.",
          "Roughen the metal, glue in good air with gloves on, and let it cure in full before it is pulled on or worn.")
      end
      private_class_method :size, :shallow, :glue
    end
  end
end
