# frozen_string_literal: true

module Meander
  module Advice
    # Soft wire opens as a hook.
    module HookTemper
      def self.call(plan)
        hook = plan.piece.document[:endings].find { |ending| ending[:kind] == "hook" }
        wire = hook && plan.piece.wire(hook[:wires].first)
        return unless wire && wire.temper == "soft"

        Item.new(id: "hook-soft", severity: "warn", place: "/endings",
                 title: "The hook is bent from soft wire",
                 why: "Soft #{wire.material.name} opens under a pull.",
                 remedy: "Hammer the finished bend lightly to harden it, or use half-hard wire.",
                 figures: {wire: wire.id})
      end
    end
  end
end
