# frozen_string_literal: true

require_relative "twist_craft"

Meander::Crafts::Registry.add("twist", TwistCraft)
