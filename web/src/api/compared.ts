import { call } from "./call";

/** What one may choose in a craft, as it compares with all others. Lengths in mm, of a centimetre of it. */
export interface ComparedRow {
  craft: "weave" | "braid" | "crochet" | "knot";
  key: string;
  name: string;
  suits: string;
  width_mm: number;
  thickness_mm: number;
  /** Wire or cord that is worked with, and base wire in it. */
  worked_mm: number;
  held_mm: number;
  minutes: number;
  assumed: boolean;
}
type Size = { typed: string };

export const compared = {
  compared: (wires: { base: Size; working: Size }) => call<{ rows: ComparedRow[] }>("POST", "/api/compared", wires),
};
