# frozen_string_literal: true

module Meander
  module Document
    # What wires of a piece end in, or a fold: fields: as read; section: the id of the section it stands at, side: start
    # or end of it; numbers: of the base seats whose wires it takes, the one that forms it first, and one past them for
    # the wire it is worked with; wires: the same as Wire values.
    Ending = Struct.new(:fields, :section, :side, :numbers, :wires, keyword_init: true) do
      def [](key) = fields[key]
      def id = fields[:id]
      def kind = fields[:kind]
      def fold? = kind == "fold"

      # Is it what is left of a working wire?
      def worked? = !fold? && !wires.first.base?

      # What it is called: "simple loop", "curl".
      def noun
        name = Endings::Registry::SENTENCES.fetch(kind).name
        name.delete_prefix("an ").delete_prefix("a ").delete_suffix(" that joins two wires")
      end

      # How wide what an end can be led through is inside, in mm; nil where it has nothing like that.
      def hole_mm
        return fields[:ring]&.mm if fold?

        fields[:inside].mm if Endings::Registry::THROUGH.include?(kind)
      end

      # Can something be hung on it?
      def holds? = Endings::Registry::HOLDS.include?(kind) || (fold? && !fields[:ring].nil?)
    end
  end
end
