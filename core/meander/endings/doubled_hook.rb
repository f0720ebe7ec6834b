# frozen_string_literal: true

module Meander
  module Endings
    # A hook bent from doubled wire: out along the shank and over, folded at its tip, back beside itself and bound round
    # the shank. It takes a little more than twice a plain one.
    class DoubledHook < Freed
      SENTENCE =
        Sentence.new("a doubled hook",
          [Sentence.size("inside", "Inside of the doubled hook", "", "inside,", 0.5),
            Sentence.size("shank", "Shank of the doubled hook", "shank"),
            Sentence.count("wraps", "Wraps that bind the doubled hook", ",", "wraps")],
          {inside: Sentence.mm(4), shank: Sentence.mm(9), wraps: 3}, wires: "one", holds: true)

      # The way back as a share of the shank, as in a plain hook.
      RETURN = 0.6

      def words = "doubled hook, #{Units::Text.length(inside_mm)} inside"

      def making(_names, all)
        "fold #{all} back on itself, bend the doubled wire to a hook " \
          "#{Units::Text.length(inside_mm)} inside on a shank of #{Units::Text.length(@fields[:shank].mm)}, and bind " \
          "the shank with #{Units::Text.count(@fields[:wraps], "wrap")} of its end"
      end

      private

      def neck(seat) = @fields[:wraps] * seat.mm
      def top(seat) = neck(seat) + @fields[:shank].mm
      def reach(seat) = top(seat) + (inside_mm / 2)

      def parts(seat, _index, _seats)
        d, x, high = seat.mm, seat.x, top(seat)
        outer = (inside_mm / 2) + (1.5 * d)
        centre, low = [x + outer, high], high - (@fields[:shank].mm * RETURN)
        far, near = x + (2 * outer), x + (2 * outer) - d
        bow = [Curve::Line.new([x, 0.0], [x, high]), Curve::Arc.new(centre, outer, Math::PI, -Math::PI),
          Curve::Line.new([far, high], [far, low]),
          Curve::Arc.new([far - (d / 2), low], d / 2, 0.0, -Math::PI), Curve::Line.new([near, low], [near, high]),
          Curve::Arc.new(centre, outer - d, 0.0, Math::PI),
          Curve::Line.new([x + d, high], [x + d, neck(seat)])]
        [flat(bow),
          Curve::Climb.new(Curve::Chain.new([Curve::Arc.new([x, 0.0], d, 0.0, 2 * Math::PI * @fields[:wraps])]),
            from: neck(seat), to: 0.0)]
      end
    end
  end
end
