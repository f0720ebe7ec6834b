# frozen_string_literal: true

require_relative "../test_helper"

# What the core says it offers, and every example in its comments.
class FaceTest < Minitest::Test
  CORE = File.join(ROOT, "core")

  # The lines of code under every @example of a file, with the results they tell: [[code, result or nil], ...].
  def examples(file)
    within = false
    File.readlines(file, chomp: true).filter_map do |line|
      within = line.match?(/\A\s*# @example/) || (within && line.match?(/\A\s*#   \S/))
      line[/\A\s*#   (\S.*)/, 1]&.split(/\s+#=> /, 2) if within
    end
  end

  # The module a file of the core stands in.
  def space(file)
    folders = File.dirname(file).delete_prefix(CORE).split("/").reject(&:empty?)
    folders.reduce(Object) { |inner, folder| inner.const_get(folder.split("_").map(&:capitalize).join) }
  end

  def test_every_example_gives_what_it_says
    told = Dir[File.join(CORE, "**/*.rb")].to_h { |file| [file, examples(file)] }.reject { |_, all| all.empty? }
    told.each do |file, all|
      inside = space(file).module_eval("binding", __FILE__, __LINE__)
      all.each do |code, result|
        got = inside.eval(code)

        assert_equal [inside.eval(result)], [got], "#{file}: #{code}" if result
      end
    end

    assert_operator told.values.sum { |all| all.count(&:last) }, :>, 20
  end

  # Each thing the core offers has an example, or stands beside one that has.
  def test_what_is_offered_is_shown
    offered = Meander.singleton_methods(false) - %i[steps csv]
    shown = examples(File.join(CORE, "meander.rb")).flat_map { |code, _| code.scan(/Meander\.(\w+)/).flatten }

    assert_empty offered.map(&:to_s) - shown
  end
end
