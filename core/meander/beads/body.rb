# frozen_string_literal: true

module Meander
  module Beads
    # Bodies of beads about their long axis: volume and outline from the side. l is the length along the axis, w the
    # width across it, in mm; volumes in cubic mm, without the hole.
    module Body
      NAMES = {"round" => "round", "oval" => "oval", "faceted" => "faceted", "flat" => "flat", "tube" => "tube",
        "cube" => "cube", "spacer" => "spacer", "drop" => "drop"}.freeze
      STEPS = 40

      # An ellipsoid, pi l w^2 / 6; a faceted one keeps about nine tenths of it (our guess); a cylinder; a disc lying
      # flat; a box; a drop is a sphere and the cone from its point that touches it (any handbook of solids: sphere,
      # cap, cone).
      VOLUMES = {
        "round" => ->(l, w) { ellipsoid(l, w) }, "oval" => ->(l, w) { ellipsoid(l, w) },
        "spacer" => ->(l, w) { ellipsoid(l, w) },
        "faceted" => ->(l, w) { 0.9 * ellipsoid(l, w) }, "tube" => ->(l, w) { Math::PI * (w**2) * l / 4 },
        "flat" => ->(l, w) { Math::PI * (l**2) * w / 4 }, "cube" => ->(l, w) { l * (w**2) },
        "drop" => ->(l, w) { drop_mm3(l, w) }
      }.freeze

      def self.ellipsoid(l, w) = Math::PI * l * (w**2) / 6

      # The sphere less its cap beyond the circle where the cone touches it, and the cone on that circle.
      def self.drop_mm3(l, w)
        r = [w / 2, l / 2].min
        touch = (r**2) / (l - r)
        cap = Math::PI * ((r - touch)**2) * ((2 * r) + touch) / 3
        (4 * Math::PI * (r**3) / 3) - cap + (Math::PI * ((r**2) - (touch**2)) * (l - r - touch) / 3)
      end

      def self.volume_mm3(shape, l, w) = VOLUMES.fetch(shape).call(l, w)

      # From the side: places [along the axis, across it], closed, centred.
      def self.outline(shape, l, w)
        case shape
        when "tube", "cube" then boxed(l, w, 0.12)
        when "flat" then boxed(l, l, 0.5)
        when "faceted" then polygon(8, l, w)
        when "drop" then drop(l, w)
        else polygon(STEPS, l, w)
        end
      end

      def self.polygon(sides, l, w)
        Array.new(sides) do |i|
          (2 * Math::PI * (i + 0.5) / sides).then { |t| [l / 2 * Math.cos(t), w / 2 * Math.sin(t)] }
        end
      end

      # A box whose corners are rounded by a share of its width.
      def self.boxed(l, w, share)
        r = share * [l, w].min
        [[1, 1, 0], [-1, 1, 1], [-1, -1, 2], [1, -1, 3]].flat_map do |sx, sy, quarter|
          (0..6).map do |i|
            (Math::PI / 2 * (quarter + (i / 6.0))).then do |t|
              [(sx * ((l / 2) - r)) + (r * Math.cos(t)), (sy * ((w / 2) - r)) + (r * Math.sin(t))]
            end
          end
        end
      end

      # Its round end at +l/2, its point at -l/2.
      def self.drop(l, w)
        r = [w / 2, l / 2].min
        centre, touch = (l / 2) - r, Math.acos([r / [l - r, r].max, 1.0].min)
        round = (0..STEPS).map do |i|
          ((Math::PI - touch) * ((2.0 * i / STEPS) - 1)).then { |t| [centre + (r * Math.cos(t)), r * Math.sin(t)] }
        end
        round << [-l / 2, 0.0]
      end
      private_class_method :drop_mm3, :polygon, :boxed, :drop
    end
  end
end
