# frozen_string_literal: true

require_relative "../test_helper"
require "ripper"

# What stands on what: a folder of the core names constants of its own and of what lies below, never of what stands on
# it.
class LayersTest < Minitest::Test
  CORE = File.join(ROOT, "core/meander")
  # From the ground up; folders side by side know each other.
  LAYERS = [%w[. units], %w[document/shape materials curve form], %w[weave notation braid crochet knot],
    %w[endings findings], %w[picture], %w[beads],
    %w[crafts crafts/weaving crafts/weaving/advice crafts/bending crafts/bundling crafts/lacing crafts/braiding
      crafts/braiding/advice crafts/crocheting crafts/crocheting/advice crafts/knotting crafts/knotting/advice],
    %w[document document/version_one],
    %w[planner], %w[work advice], %w[output making]].freeze

  def layer(folder) = LAYERS.index { |folders| folders.include?(folder) } || flunk("#{folder} stands in no layer")

  # The folders whose constants a file names: { folder => [constant, ...] }.
  def named(file)
    own, *spaces = spaces(file)
    paths(Ripper.sexp(File.read(File.join(CORE, file)))).uniq.each_with_object({}) do |path, found|
      space = [own, *spaces].find { |one| one.is_a?(Module) && one.const_defined?(path[0], one == own) } or next
      place = place(path.reduce(space) { |inner, name| inner.const_get(name) })
      (found[File.dirname(place)] ||= []) << path.join("::") if place && place != "loader.rb"
    end
  end

  # Where a constant is looked for: in what the file holds, in its folder, in the folders above.
  def spaces(file)
    file.delete_suffix(".rb").split("/").reduce([Meander]) do |all, part|
      [all.first.const_get(part.split("_").map(&:capitalize).join), *all]
    end
  end

  # The file of the core that a module stands in.
  def place(value)
    name = Module.instance_method(:name).bind_call(value) if value.is_a?(Module)
    name && Object.const_source_location(name)&.first&.delete_prefix("#{CORE}/")&.then do |found|
      found unless found.start_with?("/")
    end
  end

  # Every constant a program names, as [["Weave", "Walk"], ...].
  def paths(sexp)
    return [] unless sexp.is_a?(Array)

    path = path(sexp)
    path ? [path] : sexp.flat_map { |inner| paths(inner) }
  end

  def path(sexp)
    case sexp
    in [:var_ref, [:@const, name, _]] then [name]
    in [:const_path_ref, inner, [:@const, name, _]] then path(inner)&.push(name)
    else nil
    end
  end

  def test_nothing_knows_what_stands_on_it
    Meander::Loader.everything
    seen = 0
    Dir.glob("**/*.rb", base: CORE).each do |file|
      next if file == "loader.rb"

      folder = File.dirname(file)
      named(file).each do |other, constants|
        seen += 1

        assert_operator layer(other), :<=, layer(folder), "#{file} names #{constants.join(", ")}"
      end
    end

    assert_operator seen, :>, 300
  end
end
