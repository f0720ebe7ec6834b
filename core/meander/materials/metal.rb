# frozen_string_literal: true

module Meander
  module Materials
    # A metal wire is made of. density in g/cm3, from handbook tables; colour as the picture shows it; skin: what to
    # know about wearing it, one of :plain (nothing said), :marks (can darken and mark skin), :nickel.
    Metal = Struct.new(:key, :name, :density, :colour, :skin, keyword_init: true) do
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
      ["titanium", "titanium", 4.51, "#94979b", :plain]
    ].to_h { |key, name, density, colour, skin| [key, Metal.new(key:, name:, density:, colour:, skin:).freeze] }.freeze
  end
end
