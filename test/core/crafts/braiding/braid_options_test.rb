# frozen_string_literal: true

require_relative "../../../test_helper"

# A braid on its own, as it is asked for in options: as many stitches as come nearest to its length, its beads counted
# strand by strand, and every option that cannot be refused by its name.
class BraidOptionsTest < Minitest::Test
  Options = Meander::Crafts::Braiding::BraidOptions

  def read(**texts)
    Options.read({strands: "3", diameter: "1 mm", length: "160 mm", **texts}.transform_keys(&:to_s).compact)
  end

  # Whatever is braided, one stitch more or fewer comes no nearer to the length.
  def test_stitches_come_nearest_to_the_length
    random = Random.new(seed = Random.new_seed % 100_000)
    all = [{}, {strands: "5"}, {strands: "4", scheme: "3r 2r 2r 1l 2l 2l"}, {wires: "2"}, {wires: "2", lay: "8 mm"},
      {bead: "6 mm"}, {bead: "6 mm", every: "4"}, {bead: "4 mm", on: "strand"},
      {strands: "4", bead: "6 mm", on: "edge"}, {strands: "4", bead: "6 mm", on: "edge", every: "2"}]
    all.each do |texts|
      asked = random.rand(60.0..400.0).round(1)
      made = read(**texts, length: "#{asked} mm")
      whose = "seed #{seed}: #{texts} #{asked} mm"
      each = made.course.length_mm / made.stitches

      assert_operator (made.course.length_mm - asked).abs, :<=, (each / 2) + (made.beading ? 2 * each : 1e-6), whose
      assert_equal made.stitches, made.course.count, whose
      assert_operator made.course.strand_mm(0), :>, made.course.length_mm, whose
    end
  end

  # Beads as they are told of each strand come to all there are, and those of three strands are a third each.
  def test_beads_by_strand
    {{bead: "6 mm"} => 1, {bead: "6 mm", every: "4"} => 4}.each do |texts, every|
      made = read(**texts)
      told = Meander::Output::BraidFigures.call(made)[:beads]

      assert_equal (made.stitches + every - 1) / every, told.sum, texts
      assert_operator told.max - told.min, :<=, 1, texts if every == 1
    end
    edge = read(strands: "4", bead: "6 mm", on: "edge", length: "110 mm")
    told = Meander::Output::BraidFigures.call(edge)[:beads]

    assert_equal edge.stitches, told.sum
    assert_operator told.max - told.min, :<=, 1, "each strand turns at an edge in turn"
    far = read(strands: "6", bead: "6 mm", on: "far-edge", length: "110 mm")

    assert_equal [true, far.stitches], [far.assumed?, Meander::Output::BraidFigures.call(far)[:beads].sum]
    filled = Meander::Output::BraidFigures.call(read(bead: "4 mm", on: "strand"))[:beads]

    assert_equal 1, filled.count(&:positive?)
  end

  REFUSED = {
    {strands: "2"} => "--strands", {strands: "10"} => "--strands", {diameter: "0"} => "--diameter",
    {length: "-3"} => "--length", {length: "1 km"} => "--length", {scheme: "1r 1l 2r 2l"} => "--scheme",
    {scheme: "7r"} => "--scheme", {wires: "9"} => "--wires", {lay: "8 mm"} => "--lay", {pitch: "1 mm"} => "--pitch",
    {bead: "30 mm"} => "--bead", {bead: "6 mm", every: "0"} => "--every", {bead: "6 mm", on: "rim"} => "--on",
    {bead: "6 mm", strands: "5"} => "--on", {bead: "6 mm", strands: "9", on: "strand"} => "--on",
    {slack: "banana"} => "--slack",
    {bead: "6 mm", pitch: "5 mm"} => "--pitch", {strands: nil} => "--strands",
    {strands: "9", length: "10 m", diameter: "0.05 mm"} => "--length"
  }.freeze

  def test_what_cannot_be_is_refused_by_its_option
    REFUSED.each do |texts, option|
      error = assert_raises(Meander::Error, texts.to_s) { read(**texts) }

      assert_includes error.message, option, texts.to_s
      assert_match(/accepted: |is missing/, error.message, texts.to_s)
    end
  end
end
