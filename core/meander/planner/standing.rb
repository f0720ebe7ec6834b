# frozen_string_literal: true

module Meander
  module Planner
    # Where every section stands in the finished piece: { section id => Form::Pose }.
    module Standing
      # Where the ways of several add up to less than this they are opposite.
      HEAD_ON = 1e-6

      # sections: the planned sections in the order of the document; places: where the document says each stands, by id
      # (a kept section may have been planned when it stood elsewhere).
      def self.call(sections, places)
        sections.each_with_object({}) do |section, poses|
          poses[section.id] = pose(places.fetch(section.id), poses, sections).freeze
        end
      end

      def self.pose(at, poses, sections)
        return Form::Pose.new(0.0, 0.0, at[:turn] * Math::PI / 180, 1) if at[:kind] == "first"
        return gathered(at, poses, sections) if at[:kind] == "gathered"

        other = poses.fetch(at[:section])
        from = sections.find { |one| one.id == at[:section] }
        case at[:kind]
        when "after" then after(at, left(at[:from], other, from))
        when "beside" then other.on([((at[:side] == "far") ? 1 : -1) * at[:across].mm, at[:along].mm, 0.0], 0.0)
        when "centre" then centred(at, other, from, sections[poses.size])
        when "rim" then sections[poses.size].pose_on(other, from)
        else other.mirrored(apart(at))
        end
      end

      # Where one leaves a section that stands there by an end of it.
      def self.left(side, pose, section) = (side == "start") ? pose.reversed : pose.on(*section.out)

      # Amid the ends of several, on the way they go together; upwards where they meet head on.
      def self.gathered(at, poses, sections)
        ends = at[:ends].map do |told|
          left(told[:side], poses.fetch(told[:section]), sections.find { |one| one.id == told[:section] })
        end
        x, y = %i[x y].map { |axis| ends.sum(&axis) / ends.size }
        sin, cos = ends.sum { |one| Math.sin(one.turn) }, ends.sum { |one| Math.cos(one.turn) }
        turn = (Math.hypot(sin, cos) < HEAD_ON) ? 0.0 : Math.atan2(sin, cos)
        after(at, Form::Pose.new(x, y, turn, ends.map(&:side).uniq.then { |sides| sides.one? ? sides.first : 1 }))
      end

      # On from an end, the bare wire between bent evenly.
      def self.after(at, ended)
        turn = at[:turn] * Math::PI / 180
        return ended.on([0.0, at[:bare].mm, 0.0], 0.0) if turn.zero? || at[:bare].mm.zero?

        way = Form::Way::Arc.new(turn / at[:bare].mm)
        ended.on(way.at(at[:bare].mm, 0.0, 0.0), turn)
      end

      # How far to the right a mirror image is set.
      def self.apart(at) = (at[:to] == "right") ? at[:apart]&.mm.to_f : -at[:apart]&.mm.to_f

      # Its own centre on that of another.
      def self.centred(at, other, from, section)
        x, y, = section.centre
        other.on(from.centre, at[:turn] * Math::PI / 180).on([-x, -y, 0.0], 0.0)
      end
      private_class_method :pose, :gathered, :after, :apart, :centred
    end
  end
end
