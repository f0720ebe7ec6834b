# frozen_string_literal: true

module Meander
  module Crochet
    # How many stitches the rounds of a flat or cupped motif have. Lengths in mm.
    module Rounds
      # What the first round is worked into: how far its middle line is from the middle of all, how much further from it
      # all stands than on one as thick as the wire it is worked with, and whether rounds go towards the middle.
      Ring = Struct.new(:radius_mm, :rise_mm, :inwards) do
        # So far from its middle line, seen from the middle of all.
        def at(mm) = radius_mm + (inwards ? -mm : mm)

        # How far from the middle the outermost strand of it is, and of what is worked round it, so thick.
        def reach_mm(bundle_mm) = inwards ? radius_mm + rise_mm + bundle_mm : radius_mm
      end

      # A ring of no size, where no more is asked than what goes round it.
      SOME = Ring.new(0.0, 0.0, false).freeze

      # Of so many chains.
      def self.chains(gauge, count = Shapes::RING) = Ring.new(count * gauge.stitch_mm / (2 * Math::PI), 0.0, false)

      # What a round may have more than the one before, so that all is flat: 2 pi t / s, which is what a circle grows by
      # when its radius does by the height of a stitch.
      def self.flat_increase(gauge, stitch) = 2 * Math::PI * gauge.height_mm(stitch) / gauge.stitch_mm

      # How far from its middle a round stands that is worked flat, from 1.
      def self.radius_mm(gauge, stitch, number, ring = chains(gauge))
        ring.at(ring.rise_mm + (number * gauge.height_mm(stitch)))
      end

      # fields: the fabric of a section; number: of the round, from 1.
      def self.count(fields, gauge, number, ring = chains(gauge))
        stitch = fields[:stitch]
        return cup(fields, gauge, number) if fields[:kind] == "cup"
        return within(fields, gauge, number, ring) if ring.inwards

        more = fields[:more] || flat_increase(gauge, stitch).round
        # Half of what is more at each end of an oval.
        return (2 * fields[:chains]) + (number * (more / 2) * 2) if fields[:kind] == "oval"

        (fields[:first] || first(gauge, stitch, ring)) + ((number - 1) * more)
      end

      # Towards the middle: no more than have room there, or so many fewer each round as are asked for.
      def self.within(fields, gauge, number, ring)
        room = ->(one) { (2 * Math::PI * radius_mm(gauge, fields[:stitch], one, ring) / gauge.stitch_mm).floor }
        first = fields[:first] || room[1]
        count = if number == 1 then first
        else
          fields[:more] ? first - ((number - 1) * fields[:more]) : [room[number], first].min
        end
        [count, Shapes::LEAST_ROUND].max
      end

      # So many rounds of a disc have room within a ring: each has stitches enough to be a round, and those below it are
      # drawn together in pairs at most. Nil where none has fewer than the one before.
      def self.most_within(fields, gauge, ring)
        more, least = fields[:more], Shapes::LEAST_ROUND
        return if more&.zero?

        reach = (ring.at(ring.rise_mm) - (least * gauge.stitch_mm / (2 * Math::PI))) / gauge.height_mm(fields[:stitch])
        most = more ? Shapes::MOST_ACROSS : [reach.floor, 0].max
        (1...most).find { |number|
          now, fewer = [number, number + 1].map { |one| count(fields, gauge, one, ring) }
          fewer * 2 < now || (more && now - more < least)
        } || most
      end

      # Into a ring so many lie flat; with fewer they would cup.
      def self.first(gauge, stitch, ring)
        [(2 * Math::PI * radius_mm(gauge, stitch, 1, ring) / gauge.stitch_mm).ceil, Shapes::LEAST_ROUND].max
      end

      # How long a motif is from edge to edge; reckoned round by round as RoundCloth lays them. rounds: how many
      # stitches each has, and how high it stands; chains: that it is worked along, on both sides of them.
      def self.across_mm(gauge, rounds, ring, chains: 1)
        s = gauge.stitch_mm
        straight = (chains - 1) * s
        radius = (chains > 1) ? s / Math::PI : ring.radius_mm
        least = (chains > 1) ? radius : ring.reach_mm(gauge.bundle_mm)
        widest = rounds.each_with_index.reduce(least) do |most, ((count, tall), i)|
          up = tall + (i.zero? ? ring.rise_mm : 0.0)
          wanted = ((count * s) - (2 * straight)) / (2 * Math::PI)
          radius = [wanted.clamp(radius - up, radius + up), s / 2].max
          [most, radius].max
        end
        (2 * widest) + straight + gauge.bundle_mm
      end

      # Over a ball as wide as what it is made for: the round so far from the pole, measured along the ball.
      def self.cup(fields, gauge, number)
        radius = ball_mm(fields, gauge)
        angle = [radius_mm(gauge, fields[:stitch], number) / radius, 0.93 * Math::PI].min
        [(2 * Math::PI * radius * Math.sin(angle) / gauge.stitch_mm).round, Shapes::LEAST_ROUND].max
      end

      # The middle of the cloth over what it is made for.
      def self.ball_mm(fields, gauge) = (fields[:over].mm + gauge.thickness_mm) / 2

      # So many rounds close it as far as it can be.
      def self.most(fields, gauge)
        reach = 0.93 * Math::PI * ball_mm(fields, gauge)
        [((reach - chains(gauge).radius_mm) / gauge.height_mm(fields[:stitch])).floor, 1].max
      end
      private_class_method :cup, :within
    end
  end
end
