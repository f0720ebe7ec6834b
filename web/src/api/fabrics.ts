import type { Piece } from "../generated/piece";
import { call } from "./call";

type Crochet = Extract<Piece["sections"][number], { craft: "crochet" }>;
export type Fabric = Crochet["fabric"];
export type Row = Extract<Fabric, { kind: "rows" }>["rows"][number];
/** A run of stitches alike. */
export interface Item {
  kind: string;
  times: number;
  into: number;
  over: number;
}

/** A crocheted fabric to choose from, with its figures in a wire. */
export interface FabricSample {
  key: string;
  name: string;
  suits: string;
  count: number;
  fabric: Fabric;
  hook_mm: number;
  cells: { way: string; begun: { kind: string; count: number }; rows: { heads: number; items: Item[] }[] };
  figures: { wire_mm: number; wire_per_cm_mm: number; length_mm: number; width_mm: number; drape: string };
}

/** What is asked about crocheted fabrics. */
export const fabrics = {
  fabrics: (wire: { typed: string }) => call<{ fabrics: FabricSample[] }>("POST", "/api/fabrics", { wire }),
  readRows: (text: string) => call<{ rows: Row[] }>("POST", "/api/fabrics/read", { text }),
};
