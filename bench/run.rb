# frozen_string_literal: true

# Measures what a maker waits for:  bundle exec ruby bench/run.rb
# Needs bin/setup --test to have run. Prints each figure with its aim.
require_relative "core"
require_relative "browser"
