# frozen_string_literal: true

require_relative "test_helper"

named = ARGV.grep(/_test\.rb\z/)
areas = ARGV.grep(/\A(core|published|server|system)\z/)
areas = %w[core published server system] if areas.empty? && named.empty?
# PART=1/2 runs one half of the files, PART=2/2 the rest: dealt out by their size, the largest first.
part, parts = ENV.fetch("PART", "1/1").split("/").map(&:to_i)
files = areas.flat_map { |area| Dir[File.join(__dir__, area, "**/*_test.rb")].sort } + named.map { |file|
  File.expand_path(file)
}
ARGV.reject! { |word| areas.include?(word) || named.include?(word) }
groups = files.sort_by { |file| [-File.size(file), file] }.each_with_object(Array.new(parts) { [] }) do |file, dealt|
  dealt.min_by { |group| group.sum { |one| File.size(one) } } << file
end
groups[part - 1].sort.each { |file| require file }
