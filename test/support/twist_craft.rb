# frozen_string_literal: true

require_relative "../../core/meander"

# A craft that is nowhere but here, to see that a craft is one folder and one line in the registry: two wires twisted
# round each other, so that after an odd number of half turns they have changed places, and bound with up to two wires
# that share one seat. One wire folded may lie at both of its base seats. Its edge carries beads, and something can be
# laced to it.
module TwistCraft
  Shape = Meander::Document::Shape
  Common = Meander::Crafts::Common

  def self.words = "a twist"
  def self.seats = {"base" => 2..2, "binding" => 0..1}
  def self.beads = %w[strung met]

  def self.fields
    {halves: Shape::Count.new(1..80), rise: Common.size("rise of a half turn", 0.5..40.0, 1.0..12.0),
      hand: Shape::Choice.new(%w[left right]), at: Common::AT}
  end

  def self.left_out = {at: Common::LEFT_OUT[:at]}

  def self.check(section, place, reading)
    thick = section.base.sum(&:mm)
    return if section[:rise].mm >= thick

    reading.fault("#{place}/rise", "twist", section[:rise].typed, message: "wires so thick cannot be twisted so tight",
      accepted: "#{thick.round(2)} mm or more")
  end

  def self.lay(section, _calibration) = Laid.new(section)

  # What a twist comes to, which is as long as its turns whatever the piece must meet.
  Laid = Struct.new(:section) do
    def id = section.id
    def on = []
    def free? = false
    def given = nil
    def bare_mm = 0.0
    def worked(_repeats, _bare_mm) = (@worked ||= Twisted.new(section))
    def thickness_mm = section.base.sum(&:mm)
    def width_mm = thickness_mm
    def worked_round_mm = 0.0

    # After an odd number of half turns the wires have changed sides.
    def across(side, _repeats = nil)
      places = [-1, 1].map { |sign| sign * thickness_mm / 4 }
      (side == "end" && section[:halves].odd?) ? places.reverse : places
    end
  end

  # Two helices about the middle line.
  class Twisted < Meander::Crafts::Worked
    STEPS = 12

    def words = "a twist of #{section[:halves]} half turns"
    def length_mm = section[:halves] * section[:rise].mm
    def radius = base.sum(&:mm) / 4
    def hand = (section[:hand] == "left") ? -1 : 1
    def run_mm(_number) = section[:halves] * Math.hypot(section[:rise].mm, Math::PI * radius)
    def out = [[0.0, length_mm, 0.0], 0.0]
    def beyond(side, (across, out, height)) = [across, ((side == 1) ? length_mm : 0.0) + out, height]
    def middle_line = [[0.0, 0.0, 0.0], out.first]
    def marks(number) = [[0.0, "twist begins", trace(number).first], [run_mm(number), "twist ends", trace(number).last]]
    def site = Meander::Beads::BentSite.new(middle_line, length_mm, base.first, [0.0, length_mm / 2])
    def outline = [[-2 * radius, 0.0], [2 * radius, 0.0], [2 * radius, length_mm], [-2 * radius, length_mm]]

    # A turn of each binding wire round both, at either end.
    def separate_lengths
      section.working.map do |wire|
        Meander::Crafts::SeparateLength.new("lacing", section.piece, wire, binding_mm(wire), use: "binds the twist",
          wraps: 2, slack: 0.0)
      end
    end

    def binding_mm(wire) = 2 * Math::PI * ((2 * base.sum(&:mm)) + wire.mm) / 2
    def wraps = 2 * section.working.size

    def trace(number)
      sign = number.zero? ? -1 : 1
      (0..(STEPS * section[:halves])).map do |i|
        (Math::PI * i / STEPS).then do |angle|
          [sign * radius * Math.cos(angle), section[:rise].mm * i / STEPS, hand * sign * radius * Math.sin(angle)]
        end
      end
    end

    # What of a wire lies before the other is drawn over it.
    def finished
      @finished ||= Meander::Picture::Finished.new(section.piece.colours) do |picture|
        base.each_index do |number|
          trace(number).each_cons(2).chunk_while { |(_, a), (b, c)| (a[2] + b[2] >= 0) == (b[2] + c[2] >= 0) }
            .each do |run|
            picture.line((run.first.sum { |point| point[2] } >= 0) ? 6 : 3, base[number].id, base[number].mm,
              [run.first.first, *run.map(&:last)])
          end
        end
      end
    end

    def steps(context)
      [Meander::Step.of("shape", "Twist the two wires of #{context.called(self)} #{section[:halves]} half turns.", id,
        0.5 * section[:halves], wires: base.map(&:id))]
    end

    def advice(_plan)
      return [] unless section[:halves] > 60

      [Meander::AdviceItem.of("twist-long", "note", "/halves", "So long a twist springs back",
        "Each turn gives a little when it is let go.", "Twist a turn more and let it come back.",
        halves: section[:halves])]
    end
  end
end
