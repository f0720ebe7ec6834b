# frozen_string_literal: true

module Meander
  module Crafts
    # So many lengths of a working wire that are cut alike. cut_mm: each, rounded up to a whole millimetre; use: what they do, in words;
    # parts: what each is made up of, [[words, mm], ...].
    Length = Struct.new(:wire, :count, :cut_mm, :use, :parts, keyword_init: true)
  end
end
