# frozen_string_literal: true

module Meander
  module Beads
    # What beads are made of: key => name, grams a cubic centimetre (mean handbook values of the mineral or glass, from
    # memory) and whether drilled holes of it have edges that scratch a plating.
    Material = Struct.new(:key, :name, :density, :rough)
    Material::ALL = [
      ["glass", "glass", 2.5, false], ["crystal", "crystal glass", 2.9, false],
      ["pearl", "freshwater pearl", 2.7, false], ["shell", "shell", 2.8, true],
      ["quartz", "quartz or agate", 2.65, true], ["turquoise", "turquoise", 2.7, true], ["garnet", "garnet", 3.9, true],
      ["hematite", "hematite", 5.2, true],
      ["amber", "amber", 1.07, false], ["ceramic", "ceramic", 2.4, true], ["wood", "wood", 0.7, false],
      ["resin", "resin or acrylic", 1.18, false],
      ["brass", "brass", 8.53, true], ["copper", "copper", 8.96, true], ["silver", "sterling silver", 10.36, true],
      ["steel", "stainless steel", 8.0, true]
    ].to_h { |key, name, density, rough| [key, Material.new(key, name, density, rough).freeze] }.freeze
  end
end
