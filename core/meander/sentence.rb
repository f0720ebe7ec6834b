# frozen_string_literal: true

module Meander
  # How something a maker may choose is said in a sentence: what it is called, its values in the order they are said,
  # and what it begins with. One such table for forms, endings, bead rules and findings serves every panel that shows
  # them.
  class Sentence
    # A value in the sentence. key: of the field; kind: size, count, choice or flag; label: what it is called by itself;
    # before, after: the words beside it; by: how far a step moves a size, in mm; options: of a choice, [{key:, name:},
    # ...]; open: whether it may be left to be found by what the piece must meet.
    Part = Struct.new(:key, :kind, :label, :before, :after, :by, :options, :open, keyword_init: true) do
      def initialize(open: false, **rest) = super
    end

    attr_reader :name, :parts, :start, :more

    def self.size(key, label, before = "", after = "", by = 1)
      Part.new(key:, kind: "size", label:, before:, after:, by:, options: []).freeze
    end

    def self.count(key, label, before = "", after = "", open: false)
      Part.new(key:, kind: "count", label:, before:, after:, by: 1, options: [], open:).freeze
    end

    # options: { key => name }.
    def self.choice(key, label, options, before = "", after = "")
      Part.new(key:, kind: "choice", label:, before:, after:, by: 1, options: named(options)).freeze
    end

    def self.flag(key, label, before, yes, no)
      Part.new(key:, kind: "flag", label:, before:, after: "", by: 1, options: named("true" => yes, "false" => no))
        .freeze
    end

    # A size to begin with.
    def self.mm(number) = {typed: "#{number} mm"}.freeze
    def self.named(options) = options.map { |key, name| {key:, name:} }.freeze
    private_class_method :named

    # start: what its fields begin with; more: what else the interface asks of it.
    def initialize(name, parts = [], start = {}, **more)
      @name = name
      @parts = parts.freeze
      @start = start.freeze
      @more = more.freeze
      freeze
    end

    def to_h = {name:, parts: parts.map(&:to_h), start:, **more}

    # A table of them as it goes out: [{key:, name:, ...}, ...].
    def self.table(sentences) = sentences.map { |key, sentence| {key:, **sentence.to_h} }
  end
end
