# frozen_string_literal: true

module Meander
  module Materials
    # A metal wire is made of, or what cord is. density in g/cm3, of metals from handbook tables, of cords as they are
    # spun, air and wax with them (from memory, no source); colour as the picture shows it; skin: what to know about
    # wearing it, one of :plain (nothing said), :marks (can darken and mark skin), :nickel; stretch: what cord gives
    # when it is worn, as a share (from memory, no source), nil of metals.
    Metal = Struct.new(:key, :name, :density, :colour, :skin, :stretch, keyword_init: true) do
      def fibre? = !stretch.nil?

      # Are its ends closed with a flame?
      def melts? = %w[nylon_cord waxed_cord].include?(key)

      # Mass in g of a length of round wire.
      def mass_g(diameter_mm, length_mm) = density * Math::PI * ((diameter_mm / 10)**2) / 4 * (length_mm / 10)

      def self.fetch(key) = Metal::ALL.fetch(key)
    end

    # Every metal there is: { key => Metal }.
    Metal::ALL = [
      ["copper", "copper", 8.96, "#b4653a", :marks],
      ["silver_plated", "silver-plated copper", 8.96, "#c9ccd0", :marks],
      ["gold_plated", "gold-plated copper", 8.96, "#cfa55b", :marks],
      ["enamelled_black", "black enamelled copper", 8.96, "#3c3f44", :marks],
      ["enamelled_green", "sea-green enamelled copper", 8.96, "#4f8478", :marks],
      ["enamelled_blue", "slate-blue enamelled copper", 8.96, "#536f93", :marks],
      ["brass", "brass", 8.53, "#c3a24a", :marks],
      ["bronze", "bronze", 8.8, "#a9763f", :marks],
      ["sterling", "sterling silver", 10.36, "#d3d5d6", :plain],
      ["fine_silver", "fine silver", 10.49, "#dfe0e0", :plain],
      ["gold", "fine gold", 19.32, "#d8b04a", :plain],
      ["aluminium", "aluminium", 2.70, "#bfc3c6", :plain],
      ["stainless_304", "stainless steel", 8.0, "#9ea3a8", :plain],
      ["nickel_silver", "nickel silver", 8.7, "#b5b3a8", :nickel],
      ["niobium", "niobium", 8.57, "#8a8f98", :plain],
      ["titanium", "titanium", 4.51, "#94979b", :plain],
      ["waxed_cord", "waxed polyester cord", 1.15, "#8a6a4c", :plain, 0.02],
      ["nylon_cord", "nylon cord", 0.95, "#47636d", :plain, 0.05],
      ["cotton_cord", "cotton cord", 0.8, "#d9cdb4", :plain, 0.04],
      ["silk_cord", "silk cord", 0.95, "#a8535a", :plain, 0.03],
      ["leather_cord", "leather cord", 0.95, "#5b3d2b", :plain, 0.05]
    ].to_h { |values| [values.first, Metal.new(**Metal.members.zip(values).to_h).freeze] }.freeze

    # Those that are cord.
    Metal::CORDS = Metal::ALL.select { |_, metal| metal.fibre? }.keys.freeze
  end
end
