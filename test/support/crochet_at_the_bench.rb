# frozen_string_literal: true

# Crocheted pieces on the bench, with what is asked of them.
module CrochetAtTheBench
  def section(name) = made(name).sections.find { |one| one.crochet }

  # What the tally, the cut list and the steps of a piece say of its wires.
  def assert_told(name)
    plan = assert_cuts(name)
    in_part("Order of work") do
      plan.runs.each { |run| assert_selector ".step-words", text: /\b#{run.cut_mm} mm/ }
    end
    plan
  end
end
