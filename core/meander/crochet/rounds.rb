# frozen_string_literal: true

module Meander
  module Crochet
    # How many stitches the rounds of a flat or cupped motif have. Lengths in mm.
    module Rounds
      # What a round may have more than the one before, so that all is flat: 2 pi t / s, which is what a circle grows by
      # when its radius does by the height of a stitch.
      def self.flat_increase(gauge, stitch) = 2 * Math::PI * gauge.height_mm(stitch) / gauge.stitch_mm

      # How far from its middle a round stands that is worked flat, from 1; round 0 is the ring it begins with.
      def self.radius_mm(gauge, stitch, number)
        (Shapes::RING * gauge.stitch_mm / (2 * Math::PI)) + (number * gauge.height_mm(stitch))
      end

      # fields: the fabric of a section; number: of the round, from 1.
      def self.count(fields, gauge, number)
        stitch = fields[:stitch]
        return cup(fields, gauge, number) if fields[:kind] == "cup"

        more = fields[:more] || flat_increase(gauge, stitch).round
        # Half of what is more at each end of an oval.
        return (2 * fields[:chains]) + (number * (more / 2) * 2) if fields[:kind] == "oval"

        (fields[:first] || first(gauge, stitch)) + ((number - 1) * more)
      end

      # Into a ring of chains so many lie flat.
      def self.first(gauge, stitch)
        [(2 * Math::PI * radius_mm(gauge, stitch, 1) / gauge.stitch_mm).round, Shapes::LEAST_ROUND].max
      end

      # How long a motif is from edge to edge, so many rounds made; reckoned round by round as RoundCloth lays them.
      def self.across_mm(fields, gauge, rounds)
        s, tall = gauge.stitch_mm, gauge.height_mm(fields[:stitch])
        straight = (fields[:kind] == "oval") ? (fields[:chains] - 1) * s : 0.0
        radius = (fields[:kind] == "oval") ? s / Math::PI : radius_mm(gauge, fields[:stitch], 0)
        widest = (1..rounds).reduce(radius) do |most, number|
          wanted = ((count(fields, gauge, number) * s) - (2 * straight)) / (2 * Math::PI)
          radius = [wanted.clamp(radius - tall, radius + tall), s / 2].max
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
        [((reach - radius_mm(gauge, fields[:stitch], 0)) / gauge.height_mm(fields[:stitch])).floor, 1].max
      end
      private_class_method :cup
    end
  end
end
