# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # A woven section as a straight strip, before it is bent: so many repeats, so much bare at each end. All in mm.
      class Strip
        attr_reader :layout, :repeats, :woven_mm, :bare_mm, :account

        # on: how its weaving wire is that of other sections.
        def initialize(layout, repeats, bare_mm, on = OnWire::ALONE)
          @layout = layout
          @repeats = repeats
          @bare_mm = bare_mm
          @woven_mm = layout.woven_mm(repeats)
          @account = Account.new(layout, repeats, on)
          @told = {}
          freeze
        end

        def section = layout.section
        def base = section.base
        def length_mm = woven_mm + (2 * bare_mm)

        # Drawn by itself, its base wires cut flush, with the beads that are threaded while it is woven.
        def picture = @told[:picture] ||= drawn(Picture::FlushEnds.new(threaded_beads))

        # ends: what stands at its ends and lies on it.
        def drawn(ends) = Picture::DrawStrip.call(self, ends:)

        # All that it is drawn from by itself.
        def drawn_from = @told[:from] ||= "#{layout.whole.written} #{repeats} #{bare_mm} #{layout.calibration.to_a}"

        # Where one length of weaving wire ends and the next begins.
        def joins = @told[:joins] ||= joined.freeze

        # Wraps: two passes are one; side by side two strands are laid at once.
        def wraps = layout.passes(repeats) / 2

        # What is led to here from another section with it, and what its ends are bent to.
        def mass_g
          first, *others = account.strand_paths_mm
          woven = section.strands.zip([first + account.led_mm, *others]).sum do |wire, path|
            wire.material.mass_g(wire.mm, path * (1 + layout.calibration.slack))
          end
          woven + section.working_wire.then { |wire| wire.material.mass_g(wire.mm, account.ended_mm) }
        end

        # Gaps to hold while it is woven.
        def gaps = Beads::Spacer.gaps(layout, section.id)

        # As the checks of the weave see it.
        def checked
          asked = section[:rise].values_at(:pitch, :to).compact.map(&:mm)
          Advice::Woven.new(frame: layout.frame, repeat: layout.pattern, strip: layout.strip(repeats),
            cover: layout.cover,
            pitch_mm: asked.min, widest_mm: asked.max, sides: layout.sides, repeats:, profile: layout.weave.profile)
        end

        def words = Weave::Samples.words(section.pattern, layout.frame.count, section.piece.document[:weaves])

        # As it goes out: schema answer, strip.
        def to_h = @told[:plain] ||= {repeats:, woven_mm:, bare_mm:, weave: weave_h, weaving: weaving_h}.freeze

        private

        def joined
          on = Weave::JoinPlace.words(Weave::Groups.of(layout.pattern.walk.gaps), layout.frame.count)
          account.joins.map do |length, at_mm|
            {repeat: length.first, half: length.half, strands: length.strands, at_mm:, on:}
          end
        end

        def threaded_beads
          site = Beads::Site.new(self, length_mm: woven_mm)
          rules = section.threaded.map { |placed| Beads::Rules.build(placed, section.piece, site) }
          Beads::Drawing.call(rules) { |_, (along, across)| [[across + layout.middle_mm, along]] }
        end

        def weave_h
          repeat = layout.pattern
          groups = Weave::Groups.of(repeat.walk.gaps)
          {words:, groups: groups.map(&:to_h), free: MakeEven.free_groups(groups),
            notation: Notation::Writer.call(repeat.walk.gaps, groups), gaps: repeat.walk.gaps,
            passes: repeat.passes.size, runs_twice: repeat.walk.runs_twice?, advance_mm: repeat.advance_mm,
            packed_mm: repeat.packed_mm, loosest_mm: repeat.loosest_mm, wire_per_repeat_mm: repeat.wire_mm,
            width_mm: layout.width_mm, thickness_mm: layout.frame.thickness_mm, clear_mm: layout.frame.clear_mm,
            stretches: %i[before after].to_h { |side| [side, layout.stretches(side).map(&:last)] },
            mirrors: Weave::Mirrors.call(section.pattern, layout.frame.count),
            cover: layout.cover.faces.map { |face| {**face.to_h, wire: base[face.wire].id} }}
        end

        def weaving_h
          {strands: section.strands.map { |wire| {wire: wire.id, words: wire.words, colour: wire.material.colour} },
            path_mm: account.path_mm - account.beads_mm, beads_mm: account.beads_mm, led_mm: account.led_mm,
            slack_mm: account.slack_mm,
            tails_mm: account.tails_mm, waste_mm: account.waste_mm,
            margin_mm: account.margin_mm, reserve_mm: account.reserve_mm, ended_mm: account.ended_mm,
            total_mm: account.total_mm,
            lengths: account.lengths.map { |length| length_h(length) }, joins:}
        end

        def length_h(length)
          own = length.to_h.except(:on, :ended_mm)
          {**own, cut_mm: length.whole_mm, from: length.on&.from, onward: length.on&.onward || [],
            back: length.on&.back || []}
        end
      end
    end
  end
end
