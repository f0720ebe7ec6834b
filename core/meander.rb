# frozen_string_literal: true

# The craft of wire weaving: rules and computation, with nothing but Ruby's standard library. It knows no web, no
# database, no clock and no files. The main flow is Planner::PlanPiece.
module Meander
end

require_relative "meander/loader"
Meander::Loader.folder(Meander, File.join(__dir__, "meander"))
