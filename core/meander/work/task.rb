# frozen_string_literal: true

module Meander
  module Work
    # A part of the work that is done in one go, and that the maker may put elsewhere in the order of work. kind:
    # section, beads, worn, ending or finding; id: as the document names it; section: the id of the one it is done at;
    # words: what it is called; needs: Task::Need values, what must be done before it; closes: ends of wires that
    # nothing slides over any more once it is done, [[wire id, "start" or "end"], ...]; slides: ids of wires that
    # something is slid on.
    Task = Struct.new(:kind, :id, :section, :words, :needs, :closes, :slides, keyword_init: true) do
      def initialize(needs: [], closes: [], slides: [], **rest)
        super(needs: needs.freeze, closes: closes.freeze, slides: slides.freeze, **rest)
        freeze
      end

      def key = [kind, id]
    end

    # key: of the task that must be done before, see Task#key; why: in a sentence that follows its colon.
    Task::Need = Struct.new(:key, :why)
  end
end
