import type { CrochetTold } from "./crochet";
import { stitchesOf } from "./chart";

/** One move of the hook. number: how many stitches are made then, chains at turns counted; words: what it is; name: what it is called where it is asked for; row: from 0, the beginning; stitch: its number in its row, from 1, 0 of chains that lead up. */
export interface Move {
  number: number;
  words: string;
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
  const chains = told.begun.kind === "edge" ? 0 : told.begun.count;
  for (let i = 1; i <= chains; i++)
    moves.push({ number: ++number, words: "a chain", name: "a chain", row: 0, stitch: i, of: chains });
  everyRow(told).forEach((row, i) => {
    const up = upTo(told, i, row.chains_up);
    if (up) {
      number += up;
      const words = `${up} ${up === 1 ? "chain" : "chains"} up${told.way === "rows" ? ", and turn" : ""}`;
      moves.push({ number, words, name: words, row: i + 1, stitch: 0, of: 0 });
    }
    const all = [...stitchesOf(row)];
    all.forEach(({ item }, at) => {
      const { kind, into, over } = row.items[item]!;
      const name = nameOf(kind, into, over);
      moves.push({ number: ++number, words: name, name, row: i + 1, stitch: at + 1, of: all.length });
    });
  });
  return moves;
}

/** Before the first row of a flat fabric one chain turns the work. */
const upTo = (told: CrochetTold, index: number, chains: number) =>
  told.way === "rows" && index === 0 ? (told.begun.kind === "edge" ? 0 : 1) : chains;

const NAMES: Record<string, string> = {
  chain: "a chain",
  slip: "a slip stitch",
  single: "a single",
  half: "a half double",
  double: "a double",
  treble: "a treble",
  picot: "a picot",
};
function nameOf(kind: string, into: number, over: number) {
  const name = NAMES[kind] ?? kind;
  if (into > 1) return `${name}, ${into} into one place`;
  return over > 1
    ? `${name} over ${over} places`
    : kind === "chain" || kind === "picot"
      ? name
      : `${name} into the next`;
}
