# frozen_string_literal: true

module Meander
  module Work
    # The last steps: wires bent to their endings, what hangs on them, a last look.
    module Finishing
      # Endings that are no step of their own.
      QUIET = %w[plain fold].freeze
      GLUE = " Let the glue cure as long as its label says before anything pulls on it."

      def self.call(plan)
        piece = plan.piece
        bent = piece.endings.reject { |one| QUIET.include?(one.kind) }
        bent.map { |one|
          Step.of("end",
            "#{Units::Text.sentence(plan.ends.bent_of(one).words)} at the #{one.side}.#{GLUE if one[:glued]}",
            wires: one.wires.map(&:id))
        } + piece.findings.map { |finding| hung(finding) }
      end

      def self.hung(finding)
        article = finding.words.match?(/\A[aeiou]/) ? "an" : "a"
        one = finding.words.match?(/\A\d/) ? finding.words : "#{article} #{finding.words}"
        return Step.of("end", "Hang #{one} at the #{finding.side}.") unless finding.wire_mm

        Step.of("end",
          "Make #{one} from #{finding.wire_mm.ceil} mm of wire and hang #{(finding.count == 1) ? "it" : "them"} at " \
          "the #{finding.side}.")
      end
      private_class_method :hung

      def self.look(against) = Step.of("end", "Feel for sharp ends, check the size and both faces against #{against}.")
    end
  end
end
