# frozen_string_literal: true

module Meander
  module Advice
    # Soft wire opens as a hook.
    module HookTemper
      HOOKS = %w[hook doubled_hook].freeze
      # A single hook of thinner wire gives way (common practice, no source).
      THIN_MM = 0.6

      def self.call(plan)
        hook = plan.piece.endings.find { |ending| HOOKS.include?(ending.kind) }
        wire = hook&.wires&.first
        return made(plan) unless wire
        return soft(wire) if wire.temper == "soft"

        thin(wire.mm, "/endings") if hook.kind == "hook" && wire.mm < THIN_MM
      end

      # One that is made by itself.
      def self.made(plan)
        hook = plan.piece.findings.find { |one| one.is_a?(Findings::EyeHook) && one.d < THIN_MM } or return
        thin(hook.d, "/findings/#{plan.piece.findings.index(hook)}/wire")
      end

      def self.soft(wire)
        AdviceItem.new(id: "hook-soft", severity: "warn", place: "/endings",
          title: "The hook is bent from soft wire",
          why: "Soft #{wire.material.name} opens under a pull.",
          remedy: "Hammer the finished bend lightly to harden it, or use half-hard wire.",
          figures: {wire: wire.id})
      end

      def self.thin(thick, place)
        AdviceItem.new(id: "hook-thin", severity: "warn", place:,
          title: "The hook is bent from #{Units::Text.wire(thick)} wire",
          why: "A hook so thin opens under a pull, however hard it is.",
          remedy: "Bend it from doubled wire, or of a thicker one.", figures: {mm: thick})
      end
      private_class_method :made, :soft, :thin
    end
  end
end
