# frozen_string_literal: true

require_relative "../../test_helper"

# Cuts, working wire, minutes, weight and extent of the demo pieces as they were before every kind of piece had one
# plan: a change that moves one of them is looked at before its figure here is changed. Lengths in mm, in g, rounded to
# 1e-6.
class SaltmarshFiguresTest < PieceTest
  KEPT = JSON.parse(File.read(File.join(__dir__, "saltmarsh_figures.json")))
  AMOUNTS = %i[path_mm slack_mm tails_mm reserve_mm waste_mm margin_mm total_mm].freeze

  def worked(wire)
    [wire[:wire], *wire.values_at(*AMOUNTS), *wire[:lengths].map { |one| one.values_at(:cut_mm, :count) }]
  end

  def figures(told)
    {"cuts" => told[:cuts].map { |cut| [cut[:wire], cut[:cut_mm], cut[:count], cut[:total_mm]] }.sort,
     "working" => told[:working].map { |wire| worked(wire) },
     "steps" => told[:steps].size, "minutes" => told[:steps].sum { |step| step[:minutes] }, "mass_g" => told[:mass_g],
     "extent_mm" => told[:extent_mm]}
  end

  def shape(told)
    return told.map { |one| shape(one) } if told.is_a?(Array)

    told.is_a?(Numeric) ? :number : told
  end

  def test_the_figures_of_the_collection_stay
    files = Dir[File.join(ROOT, "demo/pieces/*.json")].to_h do |file|
      [File.basename(file, ".json"), JSON.parse(File.read(file))]
    end

    assert_equal KEPT.keys, files.keys.sort
    files.each do |name, json|
      figures(Meander::Output::PlanJson.call(plan(json))).each do |figure, told|
        kept = KEPT[name][figure]

        assert_equal shape(kept), shape(told), "#{figure} of #{name}"
        [kept].flatten.zip([told].flatten).each do |was, is|
          assert_in_delta was, is, 2e-6, "#{figure} of #{name}" if was.is_a?(Numeric)
        end
      end
    end
  end
end
