# frozen_string_literal: true

module Meander
  module Document
    # Whether a wire looks slipped depends on what is made of it: some crafts work thinner wire than others.
    module UsualWires
      PATH = %r{\A/kinds/(\d+)/size}

      # Those questions that stand once it is known what crafts the wires of a kind go through.
      # document: as read; questions: see Reading.
      def self.call(document, questions)
        questions.reject do |one|
          kind = one[:path][PATH, 1] && document[:kinds][one[:path][PATH, 1].to_i]
          kind && usual?(kind, crafts(document, kind))
        end
      end

      def self.usual?(kind, crafts)
        crafts.any? && crafts.all? do |key|
          craft = Crafts::Registry.fetch(key)
          craft.respond_to?(:usual_wire) && craft.usual_wire.cover?(kind[:size].mm)
        end
      end

      # Of all sections that wires of a kind visit.
      def self.crafts(document, kind)
        ids = document[:wires].select { |wire| wire[:kind] == kind[:id] }
          .flat_map { |wire| wire[:route].filter_map { |stop| stop[:section] } }
        document[:sections].select { |section| ids.include?(section[:id]) }.map { |section| section[:craft] }.uniq
      end
      private_class_method :usual?, :crafts
    end
  end
end
