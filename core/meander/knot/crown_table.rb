# frozen_string_literal: true

module Meander
  module Knot
    # One cord through a crown knot, clockwise, as CellTable has its points: how many cords => that one's way, from
    # the side of the bundle (+x) over the one before it and under the next to the other side, Crown::TURN further
    # round. The axis of the bundle lies at x and z 0. Relaxed as tubes without friction,
    # their copies about the axis and along it with them, at an advance of two cords.
    module CrownTable
      POINTS = {
        3 => <<~POINTS,
          178 0 19 177 26 20 171 51 22 158 73 26 141 92 31 121 107 37 98 117 43 73 119 49 49 111 56
          28 97 61 10 79 66 -4 58 68 -21 39 63 -41 25 58 -64 14 52 -89 12 46 -113 20 40 -134 34 34
          -153 51 29 -167 73 25 -175 97 22 -178 123 21 -178 148 20 -178 174 19 -178 200 19
        POINTS
        4 => <<~POINTS,
          187 0 77 184 26 79 176 50 81 161 72 83 143 90 84 121 105 84 96 114 85 71 114 84 47 104 84
          26 90 84 8 72 84 -6 51 84 -23 32 85 -45 18 86 -68 9 86 -94 9 87 -118 18 88 -140 32 88 -159 50 87
          -173 72 86 -182 97 84 -185 122 83 -185 148 81 -186 174 79 -187 200 77
        POINTS
        5 => <<~POINTS,
          181 0 131 179 26 131 172 50 129 159 72 127 141 91 124 120 105 120 96 114 116 71 114 113
          47 104 109 25 90 106 7 72 103 -8 51 103 -26 32 105 -47 18 109 -71 9 112 -96 9 116 -120 18 120
          -141 32 123 -159 50 126 -172 72 128 -180 97 130 -182 123 130 -181 148 131 -181 174 131
          -181 200 131
        POINTS
        6 => <<~POINTS
          172 0 172 173 26 171 168 51 167 157 73 163 141 92 157 121 107 151 98 117 145 74 119 138
          50 111 132 28 97 127 9 79 122 -6 59 120 -24 39 125 -45 25 129 -69 14 135 -94 12 141 -117 20 147
          -138 34 152 -155 51 158 -168 73 162 -176 97 166 -177 122 168 -175 148 169 -174 174 171
          -172 200 172
        POINTS
      }.transform_values { |text| text.split.map { |part| part.to_i / 100.0 }.each_slice(3).to_a.freeze }.freeze
    end
  end
end
