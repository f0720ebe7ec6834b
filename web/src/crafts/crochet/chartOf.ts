import type { Piece } from "../../generated/piece";
import type { CrochetTold } from "./crochet";
import { isWhole } from "./chart";
import { everyRow } from "./moves";

/** Shapes that grow from their middle. */
const MOTIFS = ["disc", "oval", "cup"];

/** What the chart of a crocheted section is drawn from. */
export function chartOf(piece: Piece, section: string, told: CrochetTold) {
  const placed = (piece.beads ?? []).filter((one) => one.rule === "crocheted" && one.section === section);
  const colours = placed.map((one) => piece.tray?.find((kind) => kind.id === one.bead)?.colour ?? "gray");
  return {
    rows: everyRow(told),
    begun: told.begun,
    way: told.way,
    polar: MOTIFS.includes(told.kind) || isWhole(told.begun),
    beads: told.beads,
    colours,
  };
}
