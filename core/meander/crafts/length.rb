# frozen_string_literal: true

module Meander
  module Crafts
    # So many lengths of a kind of working wire that are cut alike. wire: one of them, ids: of all; cut_mm: each,
    # rounded up to a whole millimetre; use: what they do, in words; parts: what each is made up of, [[words, mm], ...].
    Length = Struct.new(:wire, :ids, :count, :cut_mm, :use, :parts, keyword_init: true)
  end
end
