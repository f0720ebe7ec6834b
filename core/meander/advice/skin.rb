# frozen_string_literal: true

module Meander
  module Advice
    # What the wires are, said plainly for skin. No medical claims.
    module Skin
      def self.call(plan)
        metals = plan.piece.wires.map(&:material).uniq
        [nickel(metals), marks(metals)].compact
      end

      def self.nickel(metals)
        named = metals.select { |metal| metal.skin == :nickel }
        item("skin-nickel", "warn", named, "contains nickel",
          "Some wearers react to nickel; local limits on its release differ.",
          "Follow the local rules and the wearer's doctor, or choose another metal.")
      end

      def self.marks(metals)
        named = metals.select { |metal| metal.skin == :marks }
        item("skin-marks", "note", named, "can darken and mark skin",
          "Copper and its alloys tarnish; plating and enamel wear at edges and cut ends.",
          "Say so when it is sold or given; keep it dry.")
      end

      def self.item(id, severity, named, says, why, remedy)
        return if named.empty?

        names = Units::Text.list(named.map(&:name))
        AdviceItem.new(id:, severity:, place: "/kinds", title: "#{Units::Text.sentence(names)} #{says}", why:, remedy:)
      end
      private_class_method :nickel, :marks, :item
    end
  end
end
