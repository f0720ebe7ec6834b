# frozen_string_literal: true

module Meander
  module Planner
    # The sections of a piece in their places.
    class Placed
      # sections: Crafts::Worked, in the order of the document; places: where the document says each stands, poses:
      # where that is, both by id; ways: the bare ways of base wires between them.
      attr_reader :sections, :places, :poses, :ways

      # made: Crafts::Worked, or what is made on others once they stand; shared: { id => Crafts::OnWire } of sections
      # whose working wire is that of others.
      def initialize(piece, made, shared = {})
        @places = piece.sections.to_h { |section| [section.id, section[:at]] }.freeze
        standing = made.reject { |one| one.on.any? }
        @poses = (alone(standing) || Standing.call(standing, places)).freeze
        @sections = standing
        @known = standing.to_h { |one| [one.id, one] }
        @ways = Ways.new(piece, self)
        @sections = made.map { |one|
          @known[one.id] ||= one.joined(@known.values_at(*one.on), poses, ways,
            shared.fetch(one.id, Crafts::OnWire::ALONE))
        }.freeze
        freeze
      end

      def section(id) = @known[id]

      # The section that is all of the piece, where it is one straight strip; nil else.
      def band = (sections.size == 1 && sections.first.straight?) ? sections.first : nil

      # Where a section stands; what is made on others lies where they do.
      def pose(section) = poses.fetch(section.id, Form::Pose::ORIGIN)

      # How finely base wires are told where it is only asked whether they cross: in so many places.
      FEW = 160
      # Those of sections that were asked for last, by where they stand.
      LINES = Kept.new(60)

      # Base wires of a section in the finished piece, to see where lines cross: Form::Polyline values by number.
      def lines(section)
        pose = pose(section)
        LINES.fetch([section, pose]) do
          section.base.each_index.map { |number|
            trace = section.trace(number)
            few = trace.each_slice([trace.size / FEW, 1].max).map(&:first) << trace.last
            Form::Polyline.new(few.map { |point| pose.at(point) })
          }.freeze
        end
      end

      private

      # A strip that is all of the piece lies as it is drawn: across from its first base wire, along from the start of
      # its weave.
      def alone(standing)
        one = standing.first
        if standing.size == 1 && one.straight?
          {one.id => Form::Pose.new(one.layout.middle_mm, -one.strip.bare_mm, 0.0, 1).freeze}
        end
      end
    end
  end
end
