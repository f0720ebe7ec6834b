# frozen_string_literal: true

# Crocheted pieces on the bench, with what is asked of them.
module CrochetAtTheBench
  def section(name) = made(name).sections.find { |one| one.crochet }
end
