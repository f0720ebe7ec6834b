# frozen_string_literal: true

module Meander
  module Weave
    # Wraps and passes as a maker says them: "4 wraps round the near wire, then 2 round both wires".
    module GroupWords
      # More groups than these are said in short notation.
      MOST = 6

      # groups: see Groups; wires: how many base wires there are.
      # @example
      #   GroupWords.call(Groups.of([0, 1, 0, 1, 0, 2]), 2) #=> "2 wraps round the near wire, then 1 round both wires"
      def self.call(groups, wires)
        if groups.size > MOST
          return "in short (wraps on wires): #{groups.map { |group|
            Notation::Writer.words(group)
          }.join(", ")}"
        end

        groups.each_with_index.map { |group, i| words(group, wires, first: i.zero?) }.join(", then ")
      end

      def self.words(group, wires, first:)
        if group.is_a?(Groups::Through)
          return "in front and behind in turn by way of the gaps #{Units::Text.list(group.gaps)} (gap 0 lies before " \
                 "wire 1)"
        end

        "#{first ? Units::Text.count(group.times, "wrap") : group.times} round #{span(group.near, group.far, wires)}"
      end

      # near, far: of the wires, counted from 1.
      def self.span(near, far, wires)
        return (wires == 2) ? "both wires" : "all #{wires} wires" if near == 1 && far == wires && wires > 1
        return WireName.call(near - 1, wires) if near == far

        (far == near + 1) ? "wires #{near} and #{far}" : "wires #{near} to #{far}"
      end
      private_class_method :words
    end
  end
end
