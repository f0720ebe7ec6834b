# frozen_string_literal: true

module Meander
  module Making
    # What the log tells of a making: how far it is, how long it took, what was used, and how fast each craft went.
    module Summary
      # planned: see Planned; state: see Account.
      # @return [Hash] done:, of:, worked_ms:, planned_ms:, finished_at:, differs: how many steps, due:, rated:,
      #   wire_mm: really cut, mend: how much is to be mended, paced: { craft => [moves made, ms] },
      #   sections: { section => [ms worked, ms planned] }
      def self.call(planned, state)
        told = Told.call(planned, state)
        {**told.slice(:done, :of, :worked_ms, :finished_at, :due, :rated), differs: told[:differs].size,
          planned_ms: (planned[:steps].sum { |step| step[:minutes] } * 60_000).round, wire_mm: cut_mm(planned, told),
          mend: told[:looked].count { |one| one[:found] == "mend" }, paced: paced(planned, told),
          sections: sections(planned, told)}
      end

      # As it was said to be cut, or as it was planned where the step is done.
      def self.cut_mm(planned, told)
        planned[:steps].zip(told[:steps]).sum do |step, own|
          step[:cuts].each_with_index.sum { |cut, i| own[:cuts][i.to_s] || (own[:done] ? cut[:mm] : 0.0) }
        end + told[:steps].sum { |own| own[:joins].sum { |join| join["mm"] } }
      end

      # Of what was counted and timed, the moves of the hand it came to.
      def self.paced(planned, told)
        planned[:steps].zip(told[:steps]).each_with_object({}) do |(step, own), all|
          next unless step[:craft] && step[:count]&.positive? && step[:minutes].positive? && own[:worked_ms].positive?

          moves, ms = all.fetch(step[:craft], [0.0, 0])
          share = made(own) / step[:count].to_f
          all[step[:craft]] = [moves + (step[:minutes] * pace(planned, step[:craft]) * share), ms + own[:worked_ms]]
        end
      end

      def self.sections(planned, told)
        planned[:steps].zip(told[:steps]).select { |step, _| step[:section] }.group_by { |step, _| step[:section] }
          .transform_values do |all|
            [all.sum { |_, own| own[:worked_ms] }, (all.sum { |step, _| step[:minutes] } * 60_000).round]
          end
      end

      def self.pace(planned, craft) = planned[:paces].fetch(craft.to_sym) { planned[:paces].fetch(craft) }

      def self.made(own)
        return own[:differs][:made] if own[:differs]

        own[:done] ? own[:wanted] : own[:count]
      end
      private_class_method :cut_mm, :paced, :sections, :pace, :made
    end
  end
end
