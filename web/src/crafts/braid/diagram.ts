import type { Crossing } from "../../api/braids";

/** How far apart strands and rows stand in a diagram, in its units. */
export const ACROSS = 40;
export const ROW = 46;

/** One strand's way through one row of a diagram. */
interface Run {
  /** The strand by the place it begins at, from 0. */
  strand: number;
  row: number;
  path: string;
  /** Whether it lies over, under or beside another one there. */
  lies: "over" | "under" | "beside";
}

/** Crossings as they are drawn, a row each; those that can be made at once stand in one row. */
export interface Rows {
  runs: Run[];
  /** Where each crossing stands: its row, and its gap. */
  places: { row: number; gap: number }[];
  rows: number;
  /** The strands as they leave, by their places. */
  order: number[];
}

const x = (place: number) => (place + 0.5) * ACROSS;

/** Rows of so many strands; `apart`: every crossing has a row of its own, as it is made. */
export function drawRows(strands: number, crossings: Crossing[], apart = false): Rows {
  let order = Array.from({ length: strands }, (_, i) => i);
  const free = order.map(() => 0);
  let last = 0;
  const places = crossings.map(({ gap }) => {
    const row = apart ? last++ : Math.max(free[gap - 1]!, free[gap]!);
    free[gap - 1] = free[gap] = row + 1;
    return { row, gap };
  });
  const rows = Math.max(0, ...places.map(({ row }) => row + 1));
  const runs: Run[] = [];
  for (let row = 0; row < rows; row++) {
    const here = crossings.filter((_, i) => places[i]!.row === row);
    const to = order.map((_, place) => place);
    const lies: Run["lies"][] = order.map(() => "beside");
    for (const { gap, over } of here) {
      [to[gap - 1], to[gap]] = [gap, gap - 1];
      lies[gap - 1] = over === "right" ? "over" : "under";
      lies[gap] = over === "right" ? "under" : "over";
    }
    order.forEach((strand, place) => {
      const [from, onto, top] = [x(place), x(to[place]!), row * ROW];
      // A little further at both ends, so that rows join without a seam.
      const path = `M${from} ${top - 0.6}V${top}C${from} ${top + ROW / 2} ${onto} ${top + ROW / 2} ${onto} ${top + ROW}v0.6`;
      runs.push({ strand, row, path, lies: lies[place]! });
    });
    const next = [...order];
    order.forEach((strand, place) => (next[to[place]!] = strand));
    order = next;
  }
  return { runs, places, rows, order };
}
