# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # What is woven before or after the repeats of a walk: walks, each so many times, or as often as comes nearest to
      # a length.
      class Stretches
        # sizes: of the wires, as Weave::Frame takes them; lean: see Weave::Placing; over: the base wires side by side
        # (Weave::Frame), or how wide their gaps stand along the weave (Weave::Profile).
        def initialize(sizes, lean, over)
          @sizes = sizes
          @lean = lean
          @over = over
        end

        # told: as a document has them.
        # @return [Array] [[Weave::Walk, times], ...]
        def before(told) = from(told, 0.0)

        # ends_mm: where the weave ends, nil where that is not known before: its gaps there hold then.
        def after(told, ends_mm)
          ends = ends_mm || (even? ? 0.0 : @over.places.max)
          from(told, ends - (ends_mm ? told.sum { |stretch| mm(stretch, ends) } : 0.0))
        end

        private

        def even? = @over.is_a?(Weave::Frame)

        # From a place along the weave on.
        def from(told, along)
          told.map do |stretch|
            times = stretch[:times] || often(stretch, along)
            along += mm(stretch, along)
            [walk(stretch), times]
          end
        end

        def walk(stretch) = Weave::Walk.new(stretch[:gaps])

        # How far one reaches from there.
        def mm(stretch, along)
          stretch[:length]&.mm || (even? ? stretch[:times] * rise_mm(stretch) :
            reach(stretch, along).call(stretch[:times]))
        end

        def often(stretch, along)
          length_mm = stretch[:length].mm
          return [(length_mm / rise_mm(stretch)).round, 1].max if even?

          reach = reach(stretch, along)
          over = (1..).find { |times| reach.call(times) >= length_mm }
          [over - 1, over].select(&:positive?).min_by { |times| (reach.call(times) - length_mm).abs }
        end

        def rise_mm(stretch) = Weave::Repeat.new(@over, walk(stretch), lean: @lean).advance_mm

        # Answers how far so many reach from a place on. Where that is not where all begins, some are woven before it:
        # the first of all lie otherwise, with nothing below them.
        def reach(stretch, along)
          lead_mm = [along, @sizes[:wire_mm] * stretch[:gaps].size].min
          course = Weave::Course.of(@sizes, @over.from(along - lead_mm), before: [], walk: walk(stretch), after: [],
            lean: @lean)
          first = (1..).find { |number| course.repeat_from_mm(number) >= lead_mm }
          ->(times) { course.repeat_from_mm(first + times) - course.repeat_from_mm(first) }
        end
      end
    end
  end
end
