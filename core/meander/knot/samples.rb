# frozen_string_literal: true

module Meander
  module Knot
    # Patterns to choose from.
    module Samples
      # cords: how many; rows: in short notation; count: how often the pattern is tried; suits: what it is good for.
      Sample = Struct.new(:key, :name, :cords, :rows, :count, :suits, keyword_init: true) do
        def pattern = Notation.read(rows)
      end

      ALL = [
        ["flat-strap", "square knots in a line", 4, "s4>", 24, "bracelets and straps; quick, flat, holds beads"],
        ["twist-strap", "half knots that turn", 4, "h4>", 36, "cords that turn; earrings and key rings"],
        ["twist-waves", "half knots to and fro", 4, "8h4>; 8h4<", 4, "straps that wave, first to one side, then back"],
        ["full-strap", "square knots round four", 6, "s6>", 20, "thick straps; hides four cords within"],
        ["tide-net", "square knots set between each other", 12, "s4> s4> s4>; -2 s4> s4>", 8,
          "panels, cuffs and chokers"],
        ["tide-net-open", "an open net of square knots", 12, "~6 s4> s4> s4>; ~6 -2 s4> s4>", 5,
          "bags, nets and veils"],
        ["dyke-bars", "bars across and back", 6, "b6>; b6<", 10, "dense bands with ribs; colours come and go"],
        ["slope-ribs", "slanting ribs", 6, "d6>", 8, "bands whose cords wander from side to side"],
        ["eel-diamonds", "diamonds about a knot", 8, "d4> d4<; -3 b2>; -2 s4>; d4< d4>", 4,
          "wide bracelets; a place for a bead in each"],
        ["crown-cord", "a round cord of crowns", 4, "c4>", 40, "round cords that turn; lanyards, key rings"],
        ["crown-pillar", "crowns to and fro", 4, "c4>; c4<", 20, "cords with four sides, which do not turn"],
        ["exchange-strap", "square knots, cords exchanged", 4, "s4> x4; e4", 6, "straps in two colours, which change"]
      ].map { |values| Sample.new(**Sample.members.zip(values).to_h).freeze }.freeze
    end
  end
end
