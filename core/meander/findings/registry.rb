# frozen_string_literal: true

module Meander
  module Findings
    # What may hang on an ending: kind in the document => class.
    module Registry
      KINDS = {"jump_rings" => JumpRings, "chain" => Chain, "clasp" => Clasp, "ear_wire" => EarWire,
        "eye_hook" => EyeHook, "two_eye_hook" => TwoEyeHook, "toggle" => Toggle}.freeze
      # In the order they are offered.
      SENTENCES = %w[jump_rings eye_hook two_eye_hook toggle chain clasp ear_wire]
        .to_h { |kind| [kind, KINDS.fetch(kind)::SENTENCE] }.freeze

      # fields: as read, see Document::Fields::FINDING.
      # @return [Finding]
      def self.build(fields) = KINDS.fetch(fields[:kind]).new(fields)
    end
  end
end
