# frozen_string_literal: true

source "https://rubygems.org"

gem "activerecord", "~> 7.2.0"
gem "fastimage", "~> 2.4"
gem "json", "~> 3.1"
gem "puma", "~> 8.0"
gem "rack", "~> 3.1"
gem "sinatra", "~> 4.2"
gem "sqlite3", "~> 2.8"

group :test do
  gem "capybara", "~> 3.40"
  gem "cuprite", "~> 0.17"
  gem "exifr", "~> 1.5"
  gem "json_schemer", "~> 2.5"
  gem "minimization", "~> 0.2"
  gem "minitest", "~> 5.25"
  gem "rack-test", "~> 2.2"
  gem "rubocop-minitest", "~> 0.38", require: false
  gem "standard", "~> 1.50", require: false
end
