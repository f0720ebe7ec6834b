# frozen_string_literal: true

require_relative "../test_helper"
require_relative "sentences"

# Writes the file of sentences anew.
Class.new do
  include Pieces
  include Sentences

  def write = File.write(Sentences::FILE, written(sentences(known + any)))
end.new.write
