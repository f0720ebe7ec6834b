# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # Where the beads of a braid lie: in the middle or on an edge one to each stitch that carries one, on the strand
      # that is there; on a filled strand one after another.
      module BeadPlaces
        # How far a strand is followed to see where it leads, as a share of a stitch.
        STEP = 0.02
        PHASES = {"middle" => Braid::MiddleFigure::PHASE, "near" => 0.0, "far" => Math::PI}.freeze

        # course: Braid::Course; beading: Beading, nil where there is none.
        # @return [[strand, [along, across], heading [along, across]], ...] along from where the braid begins
        def self.call(course, beading)
          return [] unless beading

          (beading.on == "strand") ? filled(course, beading) : one_by_one(course, PHASES.fetch(beading.on))
        end

        def self.one_by_one(course, phase)
          course.kinds.each_index.select { |i| course.kinds[i] == :bead }.map do |i|
            strand, share = course.where(phase, i)
            from = share - STEP
            here, before, after = [share, from, share + STEP].map { |at| course.at(strand, i, at) }
            [strand, [course.from_mm[i] + here[1], here[0]], [after[1] - before[1], after[0] - before[0]]]
          end
        end

        # Along the filled strand where its stitches carry beads.
        def self.filled(course, beading)
          first, last = [course.kinds.index(:bead), course.kinds.rindex(:bead)]
          return [] unless first

          strand = course.leading
          line = course.points(strand, first..last)
          run = Form::Trace.polyline_mm(line)
          ruler = Form::Trace::Ruler.new(line, run)
          many = (run / beading.b + 1e-9).floor
          many = [many, beading.fields[:count]].min if beading.fields[:count].positive?
          Array.new(many) do |i|
            at = (i + 0.5) * beading.b
            here, before, after = [at, at - (beading.b / 4), at + (beading.b / 4)].map { |mm| ruler.at(mm) }
            [strand, [here[1], here[0]], [after[1] - before[1], after[0] - before[0]]]
          end
        end
        private_class_method :one_by_one, :filled
      end
    end
  end
end
