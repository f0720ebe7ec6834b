# frozen_string_literal: true

require_relative "../test_helper"
require "open3"

class LoadingTest < Minitest::Test
  # An environment that Bundler has not prepared.
  PLAIN = {"RUBYOPT" => nil, "RUBYLIB" => nil, "BUNDLE_GEMFILE" => nil}.freeze
  CORE = File.join(ROOT, "core/meander")

  # One class or module a file, and every file is the one its name leads to; smaller ones may stand within.
  def test_a_file_holds_the_constant_it_is_named_for_and_no_other
    Meander::Loader.everything
    Dir.glob("**/*.rb", base: CORE).each do |file|
      next if file == "loader.rb"

      *folders, name = file.delete_suffix(".rb").split("/").map { |part| part.split("_").map(&:capitalize).join.to_sym }
      space = folders.reduce(Meander) { |outer, folder| outer.const_get(folder) }
      here = space.constants(false).select do |constant|
        space.const_source_location(constant).first == File.join(CORE, file)
      end

      assert_equal [name], here, file
    end
  end

  def test_the_core_loads_with_no_gem_at_all
    script = 'require "./core/meander"; Meander::Loader.everything; puts $LOADED_FEATURES.grep(%r{/gems/})'
    out, status = Open3.capture2e(PLAIN, "ruby", "--disable-gems", "-w", "-e", script, chdir: ROOT)

    assert_predicate status, :success?, out
    assert_empty out
  end

  def test_every_value_of_a_plan_is_deep_enough_frozen_to_be_shared
    piece = Meander::Document::PieceReader
      .call(JSON.parse(JSON.generate(Meander::Document::StartingPiece.call("cuff")))).piece
    plan = Meander::Planner::PlanPiece.call(piece)

    [piece, plan, plan.fit, plan.strip_picture, plan.band.layout, plan.band.strip.account, *plan.runs,
      *Meander::Advice::Council.call(plan)].each { |value| assert_predicate value, :frozen?, value.class }
  end
end
