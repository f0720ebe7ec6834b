# frozen_string_literal: true

module Meander
  module Planner
    # Finds the values that give so that ends come together: whole counts first, the nearest that let lengths and angles
    # take the rest within their ranges; of what could be, that which changes least.
    class SolveMeetings
      # Counts tried to each side of how many there are.
      COUNTS = 6
      # What a radian counts as, in mm.
      RADIAN_MM = 10.0

      # A section as it would stand.
      Shape = Struct.new(:id, :out, :centre)

      # laid: the sections as their crafts lay them; fit: Fit.
      # @return [[Document::Piece, Met]] the piece with what was found
      def self.call(piece, laid, fit)
        piece.document[:meetings].empty? ? [piece, Met.nothing(piece)] : new(piece, laid, fit).call
      end

      def initialize(piece, laid, fit)
        @piece = piece
        @meetings = piece.document[:meetings]
        @laid = laid.reject { |one| one.on.any? }
        @extents = fit.extents
        @fields = piece.document[:sections].to_h { |section| [section[:id], section] }
        told = @meetings.flat_map { |one| one[:gives] }
        giving = told.map { |one| Document::Giving.of(@fields.fetch(one[:section]), one[:value]) }
        @whole, @plain = giving.partition(&:whole?)
      end

      def call
        values, off = solved(@plain)
        found = Met.new(@piece, values, off, [])
        found.frees = frees unless found.met?
        fields = put(values)
        document = {**@piece.document, sections: @piece.document[:sections].map { |one| fields[one[:id]] }}
        [Document::Piece.new(document), found.freeze]
      end

      private

      # [[[Giving, number], ...], what is left].
      def solved(plain)
        tried = counts.map { |whole| with(plain, whole) }
        met = tried.select { |_, off| off < Met::NEAR_MM }
        met.empty? ? tried.min_by(&:last) : met.min_by { |values, _| change(values) }
      end

      def counts
        return [[]] if @whole.empty?

        give = @whole.first
        (give.stands - COUNTS..give.stands + COUNTS).select { |count| give.range.cover?(count) }
          .map { |count| [[give, count]] }
      end

      def with(plain, whole)
        stand, ranges = plain.map { |one| one.stands.to_f }, plain.map { |one| range(one) }
        values, off = Root.call(stand, ranges, plain.map(&:step)) do |numbers|
          residuals([*whole, *plain.zip(numbers)])
        end
        [[*whole, *plain.zip(values)], off]
      end

      # No section is bent round less than half its own width.
      def range(give)
        return give.range unless give.value == "radius"

        least = (@laid.find { |one| one.id == give.section }.width_mm / 2) + Tolerance::PACKING_MM
        [give.range.begin, least].max..give.range.end
      end

      def change(values) = values.sum { |give, number| ((number - give.stands) / give.step.to_f)**2 }

      # What else would have to give: one value more, of those that do not.
      def frees
        others = @fields.values.select { |one| one[:at] }.flat_map { |one| Document::Giving.all(one) }
          .reject { |one| one.whole? || [*@plain, *@whole].any? { |told| alike?(told, one) } }
        others.first(8).select { |one| with([*@plain, one], [])[1] < Met::NEAR_MM }
      end

      def alike?(one, other) = one.section == other.section && one.value == other.value

      def put(values)
        values.each_with_object(@fields.dup) do |(give, number), all|
          all[give.section] = give.put(all[give.section], number)
        end
      end

      # Of all meetings, one after the other.
      def residuals(values)
        fields = put(values)
        shapes = @laid.map { |one| shape(one, fields.fetch(one.id)) }
        poses = Standing.call(shapes, fields.transform_values { |one| one[:at] })
        @meetings.flat_map { |meeting| asked(meeting, shapes, poses) }
      end

      def shape(laid, fields)
        repeats, bare = @extents.fetch(laid.id)
        count = fields[:extent] && fields[:extent][:count]
        worked = laid.worked((@whole.any? && @whole.first.section == laid.id) ? laid.makeable(count) : repeats, bare)
        Shape.new(laid.id, worked.out_with(fields), worked.centre)
      end

      def edge(told, shapes, poses)
        Standing.left(told[:side], poses.fetch(told[:section]), shapes.find { |one| one.id == told[:section] })
      end

      def asked(meeting, shapes, poses)
        one = edge(meeting[:end], shapes, poses)
        return in_middle(meeting, one, shapes, poses) if meeting[:other][:kind] == "middle"

        other = edge(meeting[:other], shapes, poses)
        off = [other.x - one.x, other.y - one.y]
        case meeting[:asks]
        when "touch" then [Math.hypot(*off) - meeting.values_at(:end, :other).sum { |told| half_mm(told) }]
        when "meet" then off
        else [*off, turned(one.turn - other.turn - Math::PI)]
        end
      end

      # On the line that halves a section: from its beginning to its end straight across.
      def in_middle(meeting, one, shapes, poses)
        pose = poses.fetch(meeting[:other][:section])
        shape = shapes.find { |other| other.id == meeting[:other][:section] }
        x, y, = pose.at(shape.out[0])
        across, far = Math.atan2(x - pose.x, y - pose.y), Math.hypot(x - pose.x, y - pose.y)
        off = ((one.x - pose.x) * Math.sin(across)) + ((one.y - pose.y) * Math.cos(across)) - (far / 2)
        case meeting[:asks]
        when "touch" then [off.abs - half_mm(meeting[:end])]
        when "meet" then [off]
        else [off, RADIAN_MM * Math.sin(one.turn - across)]
        end
      end

      def turned(angle) = RADIAN_MM * Math.atan2(Math.sin(angle), Math.cos(angle))
      def half_mm(told) = @laid.find { |one| one.id == told[:section] }.width_mm / 2
    end
  end
end
