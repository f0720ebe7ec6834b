# frozen_string_literal: true

require_relative "test_helper"

areas = ARGV.grep(/\A(core|published|server|system)\z/)
areas = %w[core published server system] if areas.empty?
areas.each { |area| Dir[File.join(__dir__, area, "**/*_test.rb")].sort.each { |file| require file } }
