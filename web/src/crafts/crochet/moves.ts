import type { CrochetTold } from "./crochet";
import { stitchesOf } from "./chart";

/** One move of the hook. number: how many stitches are made then, chains at turns counted; name: what it is; row: from 0, the beginning; stitch: its number in its row, from 1, 0 of chains that lead up. */
export interface Move {
  number: number;
  name: string;
  row: number;
  stitch: number;
  of: number;
}

/** Rows as they are made, each by itself. */
export const everyRow = (told: CrochetTold) => told.rows.flatMap((row) => Array.from({ length: row.times }, () => row));

/** All moves of a section, in order. */
export function movesOf(told: CrochetTold): Move[] {
  const moves: Move[] = [];
  let number = 0;
  const chains = ["edge", "wire"].includes(told.begun.kind) ? 0 : told.begun.count;
  for (let i = 1; i <= chains; i++) moves.push({ number: ++number, name: "a chain", row: 0, stitch: i, of: chains });
  everyRow(told).forEach((row, i) => {
    const up = i === 0 && told.way === "rows" ? told.begun.turn : row.chains_up;
    if (up) {
      number += up;
      const name = `${up} ${up === 1 ? "chain" : "chains"} up${told.way === "rows" ? ", and turn" : ""}`;
      moves.push({ number, name, row: i + 1, stitch: 0, of: 0 });
    }
    const all = [...stitchesOf(row)];
    all.forEach(({ item }, at) => {
      const { name } = row.items[item]!;
      moves.push({ number: ++number, name, row: i + 1, stitch: at + 1, of: all.length });
    });
  });
  return moves;
}
