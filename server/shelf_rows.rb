# frozen_string_literal: true

require "digest"

module Server
  # What the shelf shows of a piece, planned when it is not known by the rules and the maker there are now.
  module ShelfRows
    CORE = File.expand_path("../core", __dir__)
    # The rules of the craft as they are: their files.
    RULES = Digest::SHA256.hexdigest(Dir[File.join(CORE, "**/*.rb")].sort.map { |file| File.read(file) }.join)[0, 16]

    PICTURE = /"picture":"(\h{32})"/

    # What a plan depends on besides the document.
    def self.by = "#{RULES} #{Maker.said.slice(:push).to_json}"

    # Whether the same maker, working alike, planned both.
    def self.same_maker?(one, other) = one.to_s.split(" ", 2)[1] == other.to_s.split(" ", 2)[1]

    # The piece with what is told of it. What cannot be planned any more tells its fault.
    def self.call(piece, now = by, waiting: nil)
      unless piece.told_by == now && piece.told
        piece.tell(Planners.ask(:kept, Piece.find(piece.id).content, Maker.said, waiting:), now)
      end
      Planners.offered(piece.told.scan(PICTURE).flatten, job(piece.id))
      piece
    rescue Meander::InvalidInput => e
      piece.tap { piece.update_columns(told: fault(Problem.invalid(e)), told_by: now) }
    rescue JSON::ParserError, Planners::Pool::TooMuch, Planners::Pool::Broken
      # Not kept: it may be another time.
      piece.tap do
        piece.told = fault(Problem.new(422, "invalid-input", "this piece cannot be planned any more", faults: []))
      end
    end

    def self.job(id) = -> { [:kept, [Piece.find(id).content, Maker.said]] }
    def self.fault(problem) = JSON.generate({fault: {detail: problem.message, **problem.extra}})[1..-2]
    private_class_method :job, :fault
  end
end
