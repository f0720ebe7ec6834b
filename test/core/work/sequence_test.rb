# frozen_string_literal: true

require_relative "../../test_helper"

# The order of tasks: what the maker asks is kept and what breaks in it told; all else is put where it can be done.
# Held against brute force over every order of small random graphs.
class SequenceTest < PieceTest
  Task = Meander::Work::Task
  Sequence = Meander::Work::Sequence

  def setup
    @seed = Integer(ENV.fetch("SEED", rand(100_000)))
    @random = Random.new(@seed)
  end

  def some(list, share) = list.select { @random.rand < share }

  # Up to five tasks, each of which may need some before it; the ends of two wires are closed and slid over by some.
  def tasks
    keys = Array.new(@random.rand(2..5)) { |i| "t#{i}" }
    keys.each_with_index.map do |id, i|
      needs = some(keys.first(i), 0.35).map { |one| Task::Need.new(["section", one], "so") }
      Task.new(kind: "section", id:, section: id, words: id, needs:, slides: some(%w[w1 w2], 0.2),
        closes: some(%w[w1 w2].product(%w[start end]), 0.2))
    end
  end

  # What cannot be done in an order, told a second way: task by task, by what is done and which ends are open.
  def broken(order)
    done, open = [], %w[w1 w2].to_h { |wire| [wire, %w[start end]] }
    order.sum do |task|
      wrong = task.needs.count { |need| !done.include?(need.key) } + task.slides.count { |wire| open[wire].empty? }
      done << task.key
      task.closes.each { |wire, side| open[wire] -= [side] }
      wrong
    end
  end

  def test_every_order_of_small_graphs
    120.times do
      usual = tasks
      usual.permutation.each do |order|
        found = Sequence.new(usual, order.map(&:id))

        assert_equal [order, broken(order)], [found.tasks, found.breaks.size], "seed #{@seed}"
      end
    end
  end

  # Of those that were put in an order the rest find a place that breaks nothing, wherever there is one.
  def test_what_was_not_put_finds_its_place
    tried = 0
    150.times do
      usual = tasks.map { |task| Task.new(**task.to_h, closes: [], slides: []) }
      orders = usual.permutation.to_a
      usual.permutation(@random.rand(0...usual.size)).first(12).each do |put|
        possible = orders.select { |order| broken(order).zero? && put == order & put }
        found = Sequence.new(usual, put.map(&:id))

        assert_equal [usual.sort_by(&:id), put], [found.tasks.sort_by(&:id), found.tasks & put], "seed #{@seed}"
        assert_equal possible.any?, found.breaks.empty?, "seed #{@seed}: #{put.map(&:id)} of #{found.tasks.map(&:id)}"
        tried += possible.size
      end
    end

    assert_operator tried, :>, 500
  end

  def demo(name) = demo_documents.find { |json| json["name"] == name }

  # Demo pieces break nothing as they usually come, and have the same steps where the maker names them all.
  def test_pieces_as_they_usually_come
    demo_documents.each do |json|
      plan = plan(json)
      usual = Sequence.of(plan)
      asked = plan(json.merge("steps" => usual.tasks.map(&:id)))

      assert_empty usual.breaks, json["name"]
      assert_equal order(plan), order(asked), json["name"]
    end
  end

  # A maker bends a loop first, then weaves away from it: wires are cut before, and nothing is left out.
  def test_an_ending_before_its_section
    json = demo("Kelp earrings")
    loop = json["endings"].find { |one| one["kind"] == "eye" }["id"]
    plan = plan(json.merge("steps" => [loop, "s1"]))

    assert_equal "end", order(plan).map(&:kind).find { |kind| !%w[cut mark].include?(kind) }
    assert_equal order(plan(json)).map(&:words).sort, order(plan).map(&:words).sort
    assert_empty(said(plan).select { |item| item.id.start_with?("step-") })
  end

  # What cannot be done is told at the task and as advice that stops; nothing is moved in silence.
  def test_what_breaks_is_told
    ring = demo("Limpet bead ring")
    beads, section = ring["beads"].first.values_at("id", "section")
    asked = ring.merge("steps" => ["worn", section, beads])
    tasks = answer(plan(asked))[:tasks].select { |one| asked["steps"].include?(one[:id]) }
    early = told(asked, "step-too-early")

    assert_equal ["worn", section, beads], tasks.map { |one| one[:id] }
    assert_equal [[], true, true], [tasks[2][:breaks], tasks[0][:breaks].any?, tasks[1][:breaks].any?]
    assert_includes early.map(&:why),
      "1 Tide pearl (6 mm) on section 1 comes first: beads are strung before their wire is bent."
    assert_includes early.map(&:why), "Section 1 comes first: sections are worked flat."
    assert_equal ["stop"], early.map(&:severity).uniq
  end

  # A coil that covers a fold is slid on before both ends of its wire are bent.
  def test_ends_closed_too_soon
    json = demo("Kelp earrings")
    both = json["endings"].map { |one| one["id"] }

    assert_empty told(json.merge("steps" => [both.first, "s1"]), "step-closed-off")
    assert_equal "The piece: no end of the folded wire is open any more",
      told(json.merge("steps" => [*both, "s1"]), "step-closed-off").first.title
  end

  def told(json, id) = said(plan(json)).select { |item| item.id == id }

  def test_steps_that_cannot_be_read
    heart = demo("Limpet heart")
    ids = heart["sections"].map { |one| one["id"] }

    assert_fault "/steps/1", "reference", heart.merge("steps" => [ids.first, "nobody"])
    assert_fault "/steps/1", "duplicate", heart.merge("steps" => [ids.first, ids.first])
    assert_fault "/steps/0", "reference", heart.merge("steps" => ["worn"])
  end

  def assert_fault(path, code, json)
    error = assert_raises(Meander::InvalidInput) { plan(json) }

    assert_includes error.faults.map { |fault| [fault.path, fault.code] }, [path, code]
  end
end
