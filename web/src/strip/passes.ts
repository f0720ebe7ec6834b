import type { Picture } from "../generated/picture";

/** One pass of a picture: its row, and how far along its copy lies. */
export interface Found {
  row: number[];
  at: number;
  shape: Picture["shapes"][number];
  wire: string;
}

/** The pass with a number in the order of work, null where there is none. */
export function passAt(picture: Picture, number: number): Found | null {
  for (const place of picture.placements) {
    const rows = picture.cells[place.cell]!.passes;
    const copy = Math.floor((number - place.pass) / place.every);
    const row = rows[number - place.pass - copy * place.every];
    if (copy < 0 || copy >= place.count || !row) continue;
    const shape = picture.shapes[row[0]!]!;
    if (shape.words) return { row, shape, at: place.at + copy * place.step, wire: place.wire };
  }
  return null;
}

/** The points of a drawn pass, [along, across, towards the maker] in mm. Its climb is told by the heights of its stations. */
export function passPoints(picture: Picture, row: number[]): [number, number, number][] {
  const { points } = picture.shapes[row[0]!]!;
  const fine = picture.finest_mm;
  return Array.from({ length: points.length / 3 }, (_, i) => {
    const u = points[i * 3 + 2]! * fine;
    const part = Math.min(Math.floor(u), row.length - 3);
    const [from, to] = [row[part + 1]!, row[part + 2]!];
    return [(from + (u - part) * (to - from)) * fine, points[i * 3]! * fine, points[i * 3 + 1]! * fine];
  });
}

/** How many passes the whole strip takes. */
export function passCount(picture: Picture): number {
  return Math.max(
    ...picture.placements.map((place) => {
      const rows = picture.cells[place.cell]!.passes;
      return picture.shapes[rows[0]![0]!]!.words ? place.pass + (place.count - 1) * place.every + rows.length : 0;
    }),
  );
}

/** Where a pass lies along the strip: half-way through it, in mm. */
export const passAlong = (picture: Picture, found: Found): number =>
  found.at + found.row[1 + Math.floor((found.row.length - 1) / 2)]! * picture.finest_mm;
