# frozen_string_literal: true

require_relative "test_helper"

named = ARGV.grep(/_test\.rb\z/)
areas = ARGV.grep(/\A(core|published|server|system)\z/)
areas = %w[core published server system] if areas.empty? && named.empty?
# PART=1/2 runs every other file, PART=2/2 the rest.
part, parts = ENV.fetch("PART", "1/1").split("/").map(&:to_i)
files = areas.flat_map { |area| Dir[File.join(__dir__, area, "**/*_test.rb")].sort } + named.map { |file|
  File.expand_path(file)
}
ARGV.reject! { |word| areas.include?(word) || named.include?(word) }
files.each_slice(parts) { |group| group[part - 1]&.then { |file| require file } }
