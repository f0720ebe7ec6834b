import type { Picture } from "../generated/picture";
import { passPoints } from "./passes";
import { simplified } from "./simplify";

/**
 * The line of a pass with the fewest points that keep it, and how far its first height lies along the strip. Passes of one shape and
 * climb share their line.
 */
export function createLines(picture: Picture, tolerance: number) {
  const lines = new Map<string, [number, number][]>();
  return (row: number[]): { line: [number, number][]; from: number } => {
    const [shape, ...heights] = row as [number, ...number[]];
    const climbs = heights.map((y) => y - heights[0]!);
    const key = `${shape} ${climbs.join(" ")}`;
    let line = lines.get(key);
    if (!line) {
      const flat = passPoints(picture, [shape, ...climbs]).map(([y, x]): [number, number] => [y, x]);
      lines.set(key, (line = simplified(flat, tolerance)));
    }
    return { line, from: heights[0]! * picture.finest_mm };
  };
}
export type Lines = ReturnType<typeof createLines>;

/** The first passes of a cell that lie on one face (1 front, -1 back), all of them where it is not said how many. */
export function cellPath(picture: Picture, cell: number, face: 1 | -1, lineOf: Lines, rows = Infinity): Path2D {
  const path = new Path2D();
  for (const row of picture.cells[cell]!.passes.slice(0, rows)) {
    if (picture.shapes[row[0]!]!.face !== face) continue;
    const { line, from } = lineOf(row);
    line.forEach(([y, x], i) => (i ? path.lineTo(from + y, x) : path.moveTo(from + y, x)));
  }
  return path;
}
