# frozen_string_literal: true

module Meander
  module Crafts
    # What a section may be worked in: craft in the document => what answers for it (Weaving::Craft and its like).
    #
    # A craft answers words, what one of its sections is called, seats, what places for wires they have (those called
    # base are cut in one, all others are worked with) and how many of each there may be, and beads, the rules of beads
    # they can carry; fields, the shapes of what its sections hold beside their id, and left_out, what stands where a
    # document leaves some out; check(section, place, reading), which notes faults beyond the shapes; and lay(section,
    # calibration): what a section (Document::Section) comes to before it is decided how far it is worked. That answers
    # id, section, on, free?, given, bare_mm, across(side, repeats), where so many are worked (nil before that is
    # known), thickness_mm, width_mm, worked_round_mm, and worked(repeats, bare_mm), a Worked; and it may answer
    # lean_rad(side): how far its wires lean to each other there.
    #
    # It may answer mirrored(fields, beside): its fields near for far (see Mirrored), nil where they have no mirror
    # image that can be said; beside: how many wires lie side by side in each section, { id => count }. And beside?,
    # where its own do; rim(its own, section, calibration, passing_mm), where others can be worked onto it, the Form::Bar
    # that such a section hangs from (see Rim);
    # rimmed?(fields), whether its own, as its fields stand, can be worked onto one; names_places?, where what it lays
    # says where its sections, or others, stand, so that they are laid anew when that changes.
    module Registry
      CRAFTS = { # rubocop:disable Style/MutableConstant -- crafts may be added
        "bend" => Bending::Craft, "bind" => Bundling::Craft, "braid" => Braiding::Craft,
        "crochet" => Crocheting::Craft, "knot" => Knotting::Craft, "lace" => Lacing::Craft, "weave" => Weaving::Craft
      }

      def self.all = CRAFTS
      def self.fetch(key) = CRAFTS.fetch(key)

      # Adds a craft before anything is read.
      def self.add(key, craft) = CRAFTS[key] = craft

      # @raise [InvalidInput] where a section cannot be worked
      def self.lay(section, calibration) = fetch(section.craft).lay(section, calibration)
    end
  end
end
