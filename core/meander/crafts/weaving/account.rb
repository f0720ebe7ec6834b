# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # The weaving wire of a section, each reason for it apart: path, slack, tails, waste and margin, split into
      # working lengths of whole repeats that stay within the comfortable one. All in mm; the figures count every
      # strand, a working length is that of one.
      #
      # Where the work goes outwards from the middle, one length serves both halves if it is short enough, or if that is
      # asked for (its middle at the middle of the work); otherwise each half has lengths of its own.
      class Account
        # One working length: from the repeat it starts to the repeat it ends (counted from 1 in the order they are
        # woven), what it weaves, what to cut, on which half (0, or 1 for the second from the middle; nil for both), and
        # of which strands (their places in Section#strands); begin_mm: where on it the weave begins; kept_mm: what of
        # it is kept on a tail for later; on: its part in a length that goes on through several sections (OnWire::Element),
        # nil where it is this one's alone. Then cut_mm is all of it; ended_mm: what of it its ends are bent to.
        Length = Struct.new(:first, :last, :path_mm, :cut_mm, :half, :strands, :begin_mm, :kept_mm, :on, :ended_mm,
          keyword_init: true) do
          # Is it cut for another section, and woven on with here?
          def comes_on? = !on&.from.nil?
          def goes_on? = on&.others.to_a.any?

          # Are there sections that its other end makes?
          def goes_back? = on&.back.to_a.any?

          # What of it is in hand at once.
          def hands_mm = on&.hands_mm || (half ? [cut_mm] : [begin_mm, cut_mm - begin_mm])

          # What to measure off, rounded up to a whole millimetre; kept: whether it is one that keeps a tail for later.
          def whole_mm(kept: true) = (cut_mm - (kept ? 0.0 : kept_mm) - Tolerance::PACKING_MM).ceil
        end

        attr_reader :repeats

        # on: how its wire is that of other sections.
        # @raise [InvalidInput] when more beads are woven in than are planned in one piece
        def initialize(layout, repeats, on = OnWire::ALONE)
          Beads::Rule.check(layout.seats.sum { |seats| seats.count(repeats) })
          @layout = layout
          @repeats = repeats
          @on = on
          @halves = Array.new(layout.sides) { |half| Share.all(layout, per_half, half) }
          @whole = layout.sides == 2 && (layout.section.begun_within? || @halves.transpose.all? { |both|
            comfortable_mm?(both.sum { |share| share.path_mm(1, per_half) })
          })
          @kept = {}
          @counts = @halves.flatten.to_h { |share| [share, fewest(share)] }.compare_by_identity
          freeze
        end

        # In the order they are woven; the repeats shared out as evenly as whole numbers allow.
        def lengths = @kept[:lengths] ||= all_lengths.freeze

        # How many working lengths are cut: what comes on from another section was cut there.
        def count
          all = @whole ? strands.size : @halves.flatten.sum { |share| @counts[share] * share.strands.size }
          @on.first&.from ? all - 1 : all
        end

        # What is led to here from another section.
        def led_mm = @on.first&.led_mm || 0.0

        # What is woven of each strand, in the order of Section#strands.
        def strand_paths_mm
          @kept[:strands] ||= @halves
            .map { |shares| shares.flat_map { |share| share.strands.map { share.path_mm(1, per_half) } } }.transpose
              .map(&:sum).freeze
        end

        def path_mm = strand_paths_mm.sum

        # What of it leads round beads.
        def beads_mm = @halves.flatten.sum { |share| share.beads_mm * share.strands.size }
        def slack_mm = (path_mm + led_mm) * @layout.calibration.slack
        def tails_mm = count * 2 * allowance(:tail)
        def waste_mm = count * allowance(:waste)

        # Kept on a tail for later, of what is cut for it.
        def reserve_mm
          lengths.reject(&:comes_on?).sum { |length| length.kept_mm * length.strands.size }
        end

        # What its ends are bent to, of what is cut for it.
        def ended_mm = lengths.reject(&:comes_on?).sum(&:ended_mm)

        def margin_mm = (path_mm + led_mm + slack_mm) * @layout.section.piece.margin
        def total_mm = path_mm + led_mm + slack_mm + tails_mm + waste_mm + margin_mm + reserve_mm + ended_mm

        def comfortable?
          return true if @whole && !@layout.section.begun_within?

          @halves.flatten.all? { |share| comfortable_mm?(share.longest_mm(@whole ? 1 : @counts[share])) }
        end

        # The longest that is in hand at once: of one that is begun between its ends that of the longer one.
        def longest_mm
          lengths.map { |length| length.hands_mm.max }.max
        end

        # What each half takes of one strand, the first one first.
        def half_paths_mm = @halves.map { |shares| shares.first.path_mm(1, per_half) }

        # What a length is made up of: [[words, mm], ...]; kept: whether it is one that keeps a tail for later.
        def parts(length, kept: true)
          path, led = length.path_mm + (length.on&.others_mm || 0.0), length.on&.leads_mm || 0.0
          used = (path + led) * (1 + @layout.calibration.slack)
          parts = {"path" => path, "led on" => led, "slack" => used - path - led,
            "margin" => used * @layout.section.piece.margin, "tails" => 2 * allowance(:tail),
            "waste" => allowance(:waste), "kept for later" => kept ? length.kept_mm : 0.0, "endings" => length.ended_mm}
          parts.reject { |_, mm| mm.zero? }.to_a.freeze
        end

        # Where one length ends and the next is joined on: [Length, mm from the start of the weave].
        def joins
          lengths.reject { |length| length.first == 1 || length.half.nil? }.map { |length| [length, join_mm(length)] }
        end

        private

        def all_lengths
          if @whole
            return @halves.transpose.map do |both|
              paths = both.map { |share| share.path_mm(1, per_half) }
              length(1, repeats, paths.sum, nil, both.first, @on.first, first_half_mm: paths.first)
            end
          end

          @halves.each_with_index.flat_map { |shares, half| shares.flat_map { |share| half_lengths(half, share) } }
        end

        def strands = @layout.section.strands

        def reserve = @layout.section.reserve_mm

        # Is so much kept on this length: on the tail of the first one, or of the last?
        def reserves?(first, last, half)
          return true if half.nil?

          @layout.section.reserved_first? ? first == 1 && half.zero? : last == per_half && half == @layout.sides - 1
        end

        def per_half = repeats / @layout.sides
        def allowance(key) = @layout.section.piece.allowance_mm(key)

        def half_lengths(half, share)
          (0...@counts[share]).map do |i|
            first, last = (per_half * i / @counts[share]) + 1, per_half * (i + 1) / @counts[share]
            length(first, last, share.path_mm(first, last), half, share, @on.at(i, @counts[share]))
          end
        end

        def join_mm(length)
          along = @layout.weave.repeat_from_mm(length.first)
          return along if @layout.sides == 1

          begun = @layout.weave.second(per_half).woven_mm
          begun + (length.half.zero? ? along : @layout.shared_mm(repeats) - along)
        end

        # The fewest lengths of a share that all stay comfortable; a repeat each where none would.
        def fewest(share)
          return per_half unless comfortable_mm?(share.longest_mm(per_half))

          tried = (share.path_mm(1, per_half) * stretch / room_mm).ceil.clamp(1, per_half)
          tried += 1 until comfortable_mm?(share.longest_mm(tried))
          tried
        end

        def comfortable_mm?(path_mm) = path_mm * stretch <= room_mm + Tolerance::PACKING_MM

        # What a comfortable length can weave, its tails and waste taken off.
        def room_mm
          kept = reserve + @layout.left_over_mm("start") + @layout.left_over_mm("end")
          allowance(:working_length) - (2 * allowance(:tail)) - allowance(:waste) - kept
        end

        # What the ends of a length are bent to: where the weave begins, and where it ends. What comes on from another
        # section was cut there.
        def ended(first, last, on)
          return on.ended_mm if on

          [(first == 1) ? @layout.left_over_mm("start") : 0.0, (last == per_half) ? @layout.left_over_mm("end") : 0.0]
        end

        # What a length keeps for later at its first end and at its last one.
        def kept(first, last, half, on)
          return on.kept_mm if on

          mm = reserves?(first, last, half) ? reserve : 0.0
          @layout.section.reserved_first? ? [mm, 0.0] : [0.0, mm]
        end

        # first_half_mm: of one length for both halves what the first one takes.
        def length(first, last, path, half, share, on = nil, first_half_mm: nil)
          elsewhere = on ? on.others_mm + on.leads_mm : 0.0
          woven = ((path + elsewhere) * stretch) + (2 * allowance(:tail)) + allowance(:waste)
          kept, ended = kept(first, last, half, on), ended(first, last, on)
          Length.new(first:, last:, path_mm: path, half:, strands: share.strands,
            cut_mm: woven + kept.sum + ended.sum,
            begin_mm: begin_mm(on, kept.first + ended.first, first_half_mm),
            kept_mm: kept.sum, on:, ended_mm: ended.sum).freeze
        end

        # Where the weave begins on a length: of one for both halves measured from the end that weaves the first.
        def begin_mm(on, first_end_mm, first_half_mm)
          return on.hands_mm[first_half_mm ? 1 : 0] if on&.hands_mm && on.from.nil?
          return first_end_mm + allowance(:tail) + (first_half_mm * stretch) + (allowance(:waste) / 2) if first_half_mm

          first_end_mm + allowance(:tail) + ((on ? on.before_mm : 0.0) * (1 + @layout.calibration.slack))
        end

        def stretch = (1 + @layout.calibration.slack) * (1 + @layout.section.piece.margin)
      end
    end
  end
end
