import type { Piece } from "../generated/piece";
import { call } from "./call";

type Knotted = Extract<Piece["sections"][number], { craft: "knot" }>;
export type KnotRow = Knotted["rows"][number];
export type KnotItem = KnotRow["knots"][number];

/** A pattern of knots to choose from, with its figures in a cord; chart: kind, hand, cords, first place and row of its first knots. */
export interface KnotSample {
  key: string;
  name: string;
  suits: string;
  cords: number;
  rows: string;
  count: number;
  pattern: KnotRow[];
  chart: [string, string, number, number, number][];
  figures: {
    longest_per_cm_mm: number;
    shortest_per_cm_mm: number;
    cord_per_cm_mm: number;
    width_mm: number;
    length_mm: number;
    repeat_mm: number;
  };
}

/** What is asked about knots. */
export const knots = {
  knots: (cord: { typed: string }) => call<{ knots: KnotSample[] }>("POST", "/api/knots", { cord }),
  readKnots: (text: string) => call<{ rows: KnotRow[] }>("POST", "/api/knots/read", { text }),
};
