# frozen_string_literal: true

module Meander
  module Endings
    # A binding that goes between the wires it binds, in front of one and behind the next, to the far side and back, so
    # many times down a neck: placed as a weave is (Weave::Repeat), so that it lies clear of itself.
    class Between
      # frame: Weave::Frame of the wires; times: there and back; far: whether it begins at the far side; foot_mm: how
      # high the neck begins.
      def initialize(frame, times, far:, foot_mm:)
        way = [*0..frame.count, *(1...frame.count).to_a.reverse]
        @repeat = Weave::Repeat.new(frame, Weave::Walk.new(far ? way.map { |gap| frame.count - gap } : way),
          lean: Calibration.usual.lean)
        @times = times
        @neck_mm = foot_mm + (times * @repeat.advance_mm)
        freeze
      end

      attr_reader :neck_mm

      def length = @times * @repeat.wire_mm

      def points
        once = @repeat.passes.zip(@repeat.heights).flat_map do |pass, heights|
          pass.stations.points.zip(heights).map { |(x, z), height| [x, neck_mm - height, z] }
        end
        (0...@times).flat_map { |time| once.map { |x, y, z| [x, y - (time * @repeat.advance_mm), z] } }.uniq
      end
    end
  end
end
