# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/sentences"

# What the core says is written down once (bin/sentences), to be read in review.
class SentencesTest < PieceTest
  include Sentences

  # What a sentence never has, whoever says it.
  BAD = {/ ,| \.(?!\w)|  / => "a space too many", /\b1 \w+s\b(?! \w* ?(?:is|\+))/ => "a plural of one",
         /\ba [aeio]\w/i => "a for an", /\bnil\b|NaN|#<|\{|\}/ => "Ruby", /\b([a-z]+) \1\b/ => "a word twice",
         /: \.|, \.|: \z/ => "nothing where something is told"}.freeze

  def test_what_the_collection_says_is_written_down
    missing = sentences(known).map(&:last) - File.readlines(FILE, chomp: true)

    assert_empty missing, "run bin/sentences and read what is new in docs/sentences.txt"
  end

  def test_sentences_read_well
    File.readlines(FILE, chomp: true).reject { |line| line.start_with?("#") }.each do |line|
      BAD.each { |pattern, what| refute_match pattern, line, what }
    end
  end
end
