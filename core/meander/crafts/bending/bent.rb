# frozen_string_literal: true

module Meander
  module Crafts
    module Bending
      # A single wire bent without being woven.
      class Bent < Worked
        # A hole smaller than this is covered by the folds round it.
        COVERED_MM = 1.0
        # Wire bent round less than its own thickness is likely to crack. Common practice, no source.
        LEAST_WIRES = 1.0

        attr_reader :bent

        def initialize(section)
          super
          @bent = Form::Bends.call(section[:bend], wire.mm)
          @kept = {}
        end

        def wire = base.first
        def words = bent.words
        def length_mm = bent.length_mm
        def middle_line = bent.points
        def run_mm(_number) = bent.length_mm
        def trace(_number) = bent.points
        def out = [bent.points.last, bent.turn]

        def out_with(fields)
          other = (fields[:bend] == section[:bend]) ? bent : Form::Bends.call(fields[:bend], wire.mm)
          [other.points.last, other.turn]
        end

        def thickness_mm = wire.mm
        def width_mm = wire.mm
        def weaving_mm = 0.0

        # Where a place beyond its end (1), or before its beginning (-1), lies.
        def beyond(side, (across, out, height))
          (x, y, z), turn = (side == 1) ? self.out : [[0.0, 0.0, 0.0], 0.0]
          cos, sin = Math.cos(turn), Math.sin(turn)
          [x + (across * cos) + (out * sin), y - (across * sin) + (out * cos), z + height]
        end

        def marks(_number)
          ends = [[0.0, begins, bent.points.first], [bent.length_mm, "#{named} ends", bent.points.last]]
          return ends.insert(1, *run.marks) if run
          return ends unless closed?

          ends.insert(1, [bent.length_mm / 2, "middle of the bend", bent.points[bent.points.size / 2]])
        end

        # What is marked where it begins.
        def begins = "#{named} begins"

        # Straights and arcs one after another; nil for any other bend.
        def run = @kept.fetch(:run) { @kept[:run] = (section[:bend][:kind] == "run") ? Run.new(self) : nil }

        # Do both its ends leave side by side?
        def closed? = Form::Outline::KINDS.include?(section[:bend][:kind])

        def outline
          @kept[:outline] ||= Form::Hull.call(Form::Hull.beside(bent.points, wire.mm / 2))
        end

        def centre = bent.centre || super
        def site = @kept[:site] ||= Beads::BentSite.new(bent.points, bent.length_mm, wire, centre)

        def finished
          @kept[:picture] ||= Picture::Finished.new({wire.id => wire.material.colour}) do |picture|
            picture.line(4, wire.id, wire.mm, bent.points)
          end
        end

        def steps(context)
          begun, ended = context.within_mm(self)&.map { |mm| " at #{Units::Text.length(mm)}" }
          from = "from the mark “#{begins}”#{begun} to the mark “#{named} ends”#{ended}, " \
                 "#{Units::Text.length(length_mm)} of it"
          told = straight_line? ? "leave the wire straight" : "bend the wire to #{words}"
          [Step.of("shape", "#{Units::Text.sentence("#{context.prefix(self)}#{told}, #{from}")}" \
                            "#{run&.told&.then { |way| ": #{way}" }}.", id,
            wires: [wire.id], makes: Step::Made.wires(base))]
        end

        def advice(plan) = [bent_tight, centre_open(plan), run&.advice].compact

        private

        def straight_line? = section[:bend][:kind] == "line"
        def named = straight_line? ? "straight" : "bend"

        def bent_tight
          least = bent.least_mm
          return unless least && least < LEAST_WIRES * wire.mm

          AdviceItem.of("wire-bent-tight", "warn", "/bend", "The wire is bent tighter than it is thick",
            "Its tightest inside radius is #{Units::Text.length([least, 0].max)}, the wire " \
            "#{Units::Text.wire(wire.mm)}: it may crack or kink.",
            "Softer or thinner wire, or a wider bend.", inside_radius_mm: least, wire_mm: wire.mm)
        end

        # A rosette that nothing stands on the centre of.
        def centre_open(plan)
          bend = section[:bend]
          unless bend[:kind] == "rosette" &&
              plan.places.values.compact.none? { |at| at[:kind] == "centre" && at[:section] == id }
            return
          end

          radius = Form::Bends.centre_mm(bend, wire.mm)
          hole = (2 * radius) - wire.mm
          return if hole <= COVERED_MM

          asked = bend[:centre].mm / 2 >= radius - 1e-9
          folds = asked ? "The folds lie on a circle of #{Units::Text.length(2 * radius)}." :
            "The legs of #{bend[:petals]} petals stand side by side on a circle no smaller."
          AdviceItem.of("centre-open", "note", "/bend/centre",
            "The centre of the rosette stays open by #{Units::Text.length(hole)}", folds,
            "Fewer petals, tighter folds, or something that covers it.", hole_mm: hole)
        end
      end
    end
  end
end
