import type { Piece } from "../generated/piece";
import { call } from "./call";

/** A braid to choose from, with its figures in a wire. */
export interface BraidSample {
  key: string;
  name: string;
  suits: string;
  strands: number;
  /** In each strand; twisted to a cord where `lay_mm` says how long a turn is. */
  wires: number;
  lay_mm: number | null;
  flat: boolean;
  crossings: Crossing[];
  figures: { wire_per_cm_mm: number; width_mm: number; pitch_mm: number; take_up: number; assumed: boolean };
}
type Braid = Extract<Piece["sections"][number], { craft: "braid" }>;
export type Crossing = Extract<Braid["scheme"], { kind: "crossings" }>["crossings"][number];

/** What is asked about braids. */
export const braids = {
  braids: (wire: { typed: string }) => call<{ braids: BraidSample[] }>("POST", "/api/braids", { wire }),
  readBraid: (text: string, strands: number) =>
    call<{ crossings: Crossing[] }>("POST", "/api/braids/read", { text, strands }),
};
