# frozen_string_literal: true

require_relative "../test_helper"
require_relative "../support/hostile"

class DurabilityTest < PieceTest
  KILLS = 2

  # Killed at a random moment while it saves pieces, weaves and beads, again and again: all that was acknowledged is
  # there afterwards, as it was. bench/hostile.rb does the same some hundred times.
  def test_killing_the_server_while_saving_loses_nothing_acknowledged
    seed = Random.new_seed % 100_000
    Dir.mktmpdir do |data|
      kills = Hostile::Kills.new(data, Random.new(seed))

      assert_empty kills.lost(KILLS), "seed #{seed}"
      assert_operator kills.answered, :>, KILLS, "seed #{seed}"
    end
  end
end
