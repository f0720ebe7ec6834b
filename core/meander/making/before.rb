# frozen_string_literal: true

module Meander
  module Making
    # What was really done at a step, in lines, for who makes another one like it.
    module Before
      # step: see Steps; own: what happened at it, see Account; differs: Difference, nil where none is.
      # @return [Array<String>]
      def self.call(step, own, differs)
        unit = step[:units].last
        [*("#{differs.counted}." if differs),
          *own["cuts"].map { |i, mm| "#{Units::Text.length(mm)} cut: #{step[:cuts][i.to_i]&.fetch(:words)}." },
          *own["joins"].map { |join| joined(join, unit) }, *own["notes"]]
      end

      def self.joined(join, unit)
        after = unit && " after #{Units::Text.count(join["after"] / unit[:each], unit[:name], unit[:many])}"
        "#{Units::Text.length(join["mm"])} joined on#{after}."
      end
      private_class_method :joined
    end
  end
end
