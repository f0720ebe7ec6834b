# frozen_string_literal: true

module Meander
  module Output
    # A wire size in every system, as lines of text.
    module GaugeWords
      def self.call(wire_mm)
        names = Units::Gauge.names(wire_mm)
        ["#{Units::Text.number(wire_mm, 3)} mm = #{Units::Text.number(wire_mm / 25.4, 4)} in",
          line("AWG", names[:awg]), line("SWG", names[:swg]), line("metric", names[:metric])]
      end

      def self.line(system, name)
        apart = Units::Text.number(name[:off_mm].abs, 3)
        side = name[:off_mm].positive? ? "thicker" : "thinner"
        off = (name[:off_mm].abs < 0.0005) ? "exactly" : "the wire is #{apart} mm #{side}"
        "nearest #{system}: #{name[:number]} (#{Units::Text.number(name[:mm], 3)} mm), #{off}"
      end
      private_class_method :line
    end
  end
end
