# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # What a woven section is bent to, in words: "a drop 32 mm long, 16 mm wide".
      module FormWords
        say = ->(form, key) { Units::Text.length(form[key].mm) }
        frame = ->(form) { "#{say.call(form, :length)} long, #{say.call(form, :width)} wide" }
        FORMS = {
          "straight" => ->(_) { "a straight strip" }, "ring" => ->(_) { "a closed ring" },
          "arc" => ->(form) {
            "an arc on a radius of #{say.call(form, :radius)}#{" before it is woven" if form[:shaped] == "before"}"
          },
          "helix" => ->(form) { "a helix on #{wound(form).sub(", ", ", wound ")}" },
          "drop" => ->(form) { "a drop #{frame.call(form)}" }, "leaf" => ->(form) { "a leaf #{frame.call(form)}" },
          "crescent" => ->(form) { "a crescent #{frame.call(form)}" },
          "waists" => ->(form) { "#{Units::Text.count(form[:frames], "frame")} #{frame.call(form)}" }
        }.freeze

        # "a dowel of 8 mm, as a screw's thread"
        def self.wound(form)
          "a dowel of #{Units::Text.length(form[:dowel].mm)}, " \
            "#{(form[:hand] == "left") ? "against" : "as"} a screw's thread"
        end

        # How far a helix rises, as it is told to who winds it.
        def self.rising(form)
          rise = form[:rise].mm
          rise.zero? ? "turn against turn" : "rising #{Units::Text.length(rise)} a turn"
        end

        # turns: answers how many turns a helix has.
        def self.call(form, turns:)
          told = FORMS.fetch(form[:kind]).call(form)
          (form[:kind] == "helix") ? "#{told}, #{Units::Text.amount(turns.call, 1, "turn")}" : told
        end
      end
    end
  end
end
