# frozen_string_literal: true

require_relative "../test_helper"
require "open3"

class LoadingTest < Minitest::Test
  # An environment that Bundler has not prepared.
  PLAIN = {"RUBYOPT" => nil, "RUBYLIB" => nil, "BUNDLE_GEMFILE" => nil}.freeze
  CORE = File.join(ROOT, "core/meander")

  def test_the_path_of_a_file_is_the_path_of_its_constant
    Dir.glob("**/*.rb", base: CORE).each do |file|
      next if file == "error.rb" || file == "document/size_shape.rb"

      name = file.delete_suffix(".rb").split("/").map { |part| part.split("_").map(&:capitalize).join }.join("::")

      assert Meander.const_defined?(name), "#{file} should define Meander::#{name}"
    end
  end

  def test_the_core_loads_with_no_gem_at_all
    script = 'require "./core/meander"; puts $LOADED_FEATURES.grep(%r{/gems/})'
    out, status = Open3.capture2e(PLAIN, "ruby", "--disable-gems", "-w", "-e", script, chdir: ROOT)

    assert_predicate status, :success?, out
    assert_empty out
  end

  def test_every_value_of_a_plan_is_deep_enough_frozen_to_be_shared
    piece = Meander::Document::PieceReader.call(JSON.parse(JSON.generate(Meander::Document::StartingPiece.call("cuff")))).piece
    plan = Meander::Planner::PlanPiece.call(piece)

    [piece, plan, plan.fit, plan.picture, plan.layout, plan.account, *plan.bars, *plan.advice].each { |value| assert_predicate value, :frozen?, value.class }
  end
end
