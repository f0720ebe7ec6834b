import type { WholeInSpace } from "../api/space";

/** The wires of a finished piece as lines of points, its beginning at the top. */
export const wholeLines = ({ lines }: WholeInSpace) =>
  lines.map(({ d, colour, points }) => ({
    d,
    colour,
    points: Array.from({ length: points.length / 3 }, (_, i): [number, number, number] => [
      points[3 * i]!,
      -points[3 * i + 1]!,
      points[3 * i + 2]!,
    ]),
  }));

/** Where to look to have all of it in sight: its middle, and how large it is. */
export function wholeSight({ extent: [across, down] }: WholeInSpace): {
  middle: [number, number];
  size: [number, number];
} {
  const [[x0, x1], [y0, y1]] = [across, down] as [[number, number], [number, number]];
  return { middle: [(x0 + x1) / 2, -(y0 + y1) / 2], size: [x1 - x0, y1 - y0] };
}
