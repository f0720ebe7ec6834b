import type { Piece } from "../../generated/piece";
import type { Mark } from "./chart";
import type { CrochetTold } from "./crochet";

type Placement = Extract<NonNullable<Piece["beads"]>[number], { rule: "crocheted" }>;
/** No placement names more stitches one by one. */
const MOST = 2000;

/** The placements of beads on a crocheted section, in the order its chart numbers them. */
export const placedOn = (piece: Piece, section: string): Placement[] =>
  (piece.beads ?? []).filter((one) => one.rule === "crocheted" && one.section === section) as Placement[];

/**
 * With a bead of a placement on the stitch that was pressed, or without the one it carries; that placement is then said
 * stitch by stitch. Where it cannot be, why.
 */
export function withBeadAt(
  piece: Piece,
  section: string,
  told: CrochetTold,
  mark: Mark,
  id: string,
): Piece | { why: string } {
  const number = placedOn(piece, section).findIndex((one) => one.id === id);
  if (mark.place === null || (mark.kind === "chain" && told.rows.length)) return { why: "it carries no bead" };
  const carried = told.beads.filter(([row, place]) => row === mark.row && place === mark.place);
  if (carried.some(([, , other]) => other !== number)) return { why: "it carries another bead" };
  const own = told.beads.filter(([, , other]) => other === number).map(([row, place]) => [row!, place! + 1]);
  const here = own.findIndex(([row, stitch]) => row === mark.row && stitch === mark.place! + 1);
  const next = here < 0 ? [...own, [mark.row, mark.place + 1]] : own.toSpliced(here, 1);
  if (next.length === 0) return { why: "it is the last one: remove the beads instead" };
  if (next.length > MOST) return { why: `no more than ${MOST} are set one by one` };
  const places = next
    .toSorted(([a, b], [c, d]) => a! - c! || b! - d!)
    .map(([row, stitch]) => ({ row: row!, stitch: stitch! }));
  const beads = piece.beads!.map((one) =>
    one.id === id ? { ...one, pick: { kind: "chart", places }, count: 0 } : one,
  );
  return { ...piece, beads } as Piece;
}
