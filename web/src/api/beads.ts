import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";

/** A kind of bead as a document tells it, and as it is drawn. */
export type BeadKind = NonNullable<Piece["tray"]>[number];
export type ToldKind = Plan["beads"]["kinds"][number];
/** A kind of bead in the maker's tray. */
export interface TrayBead {
  id: string;
  stock: number;
  bead: BeadKind;
  kind: ToldKind;
}
/** What fills a gap: how many in a row, what they leave, and whether the wires pass. */
export interface Hold {
  id: string;
  name: string;
  words: string;
  lies: "along" | "across";
  off_mm: number;
  guessed: string[];
  stock: number;
}
export interface Filler {
  id: string;
  name: string;
  words: string;
  count: number;
  left_mm: number;
  each_mm: number;
  passes: boolean;
  need_mm: number;
  hole_mm: number;
  guessed: string[];
  stock: number;
}
