# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # Where the beads of a braid lie: in the middle or on an edge one to each stitch that carries one, on the strand
      # that is there; on a filled strand one after another.
      module BeadPlaces
        # placement: the number of its placement; strand: from 0; at: [along, across], along from where the braid
        # begins; heading: which way its hole leads there, [along, across].
        Spot = Struct.new(:placement, :strand, :at, :heading) do
          def moved(along) = Spot.new(placement, strand, [at[0] + along, at[1]], heading).freeze
        end

        # How far a strand is followed to see where it leads, as a share of a stitch.
        STEP = 0.02

        # course: Braid::Course, its stitches told by the numbers of their placements; beadings: Beading values.
        # @return [Array<Spot>] placement by placement, from its first end on
        def self.call(course, beadings)
          beadings.each_with_index.flat_map do |beading, i|
            (beading.on == "strand") ? filled(course, beading, i) : one_by_one(course, beading.on, i)
          end
        end

        def self.carrying(course, number) = course.kinds.each_index.select { |i| course.kinds[i].include?(number) }

        def self.one_by_one(course, where, number)
          carrying(course, number).map do |i|
            strand, share = course.carrier(where, i)
            here, before, after = [share, share - STEP, share + STEP].map { |at| course.at(strand, i, at) }
            Spot.new(number, strand, [course.from_mm[i] + here[1], here[0]],
              [after[1] - before[1], after[0] - before[0]]).freeze
          end
        end

        # Along the filled strand where its stitches carry beads.
        def self.filled(course, beading, number)
          first, last = carrying(course, number).minmax
          return [] unless first

          line = course.points(course.leading, first..last)
          run = Form::Trace.polyline_mm(line)
          ruler = Form::Trace::Ruler.new(line, run)
          many = [(run / beading.b + 1e-9).floor, *(beading.fields[:count] if beading.fields[:count].positive?)].min
          Array.new(many) do |i|
            at = (i + 0.5) * beading.b
            here, before, after = [at, at - (beading.b / 4), at + (beading.b / 4)].map { |mm| ruler.at(mm) }
            Spot.new(number, course.leading, [here[1], here[0]], [after[1] - before[1], after[0] - before[0]]).freeze
          end
        end
        private_class_method :carrying, :one_by_one, :filled
      end
    end
  end
end
