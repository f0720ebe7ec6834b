# frozen_string_literal: true

module Meander
  module Planner
    # Where every section stands in the finished piece: { section id => Form::Pose }.
    module Standing
      # sections: the planned sections in the order of the document; places: where the document says each stands, by id
      # (a kept section may have been planned when it stood elsewhere).
      def self.call(sections, places)
        sections.each_with_object({}) do |section, poses|
          poses[section.id] = pose(places.fetch(section.id), poses, sections).freeze
        end
      end

      def self.pose(at, poses, sections)
        return Form::Pose.new(0.0, 0.0, at[:turn] * Math::PI / 180, 1) if at[:kind] == "first"

        other = poses.fetch(at[:section])
        from = sections.find { |one| one.id == at[:section] }
        case at[:kind]
        when "after" then after(at, other.on(*from.out))
        when "beside" then other.on([((at[:side] == "far") ? 1 : -1) * at[:across].mm, at[:along].mm, 0.0], 0.0)
        when "centre" then centred(at, other, from, sections[poses.size])
        else other.mirrored
        end
      end

      # On from an end, the bare wire between bent evenly.
      def self.after(at, ended)
        turn = at[:turn] * Math::PI / 180
        return ended.on([0.0, at[:bare].mm, 0.0], 0.0) if turn.zero? || at[:bare].mm.zero?

        way = Form::Way::Arc.new(turn / at[:bare].mm)
        ended.on(way.at(at[:bare].mm, 0.0, 0.0), turn)
      end

      # Its own centre on that of another.
      def self.centred(at, other, from, section)
        x, y, = section.centre
        other.on(from.centre, at[:turn] * Math::PI / 180).on([-x, -y, 0.0], 0.0)
      end
      private_class_method :pose, :after, :centred
    end
  end
end
