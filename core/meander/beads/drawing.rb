# frozen_string_literal: true

module Meander
  module Beads
    # Beads as they are drawn: looks, told once each, and where every bead lies.
    module Drawing
      NEAR_MM = 0.05

      # rules: Rule values; the block says where on the page a place on a rule's ground lies, in each of its copies:
      # [[x, y], ...].
      # @return [Hash] { looks: [[{ points:, tone:, shift: }, ...], ...], solids: of the looks, see Kind, set: [[look,
      #   x, y, the hole's direction x, y, face, pass, the number of its placement], ...] }
      def self.call(rules, &block)
        looks, solids = [], []
        index = Hash.new do |all, (kind, end_on)|
          solids << {**kind.solid, end_on:}
          all[[kind, end_on]] = looks.push(look(kind, end_on)).size - 1
        end
        set = rules.each_with_index.flat_map do |rule, number|
          rule.lying.flat_map { |one| rows(index[[one.kind, one.end_on]], one, rule, number, &block) }
        end
        {looks:, solids:, set:}
      end

      def self.look(kind, end_on)
        kind.layers(end_on:).map do |layer|
          {**layer, points: layer[:points].flatten.map { |mm| mm.round(4) }, shift: layer[:shift].round(4)}
        end
      end

      def self.rows(look, one, rule, number)
        far = [Math.hypot(*one.dir), 1e-9].max
        onward = one.at.zip(one.dir).map { |at, step| at + (NEAR_MM * step / far) }
        yield(rule, one.at).zip(yield(rule, onward)).map do |(x, y), (to_x, to_y)|
          length = [Math.hypot(to_x - x, to_y - y), 1e-12].max
          [look, x.round(4), y.round(4), ((to_x - x) / length).round(5), ((to_y - y) / length).round(5), one.face,
            one.pass, number]
        end
      end
      private_class_method :rows
    end
  end
end
