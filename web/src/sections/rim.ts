import { mm, SIDES } from "../choices/choices";
import { goesOnto, isAboutMiddle, withCrochet } from "../crafts/crochet/crochet";
import { knotted, withKnotted, withMount, withRound } from "../crafts/knot/knot";
import type { Piece } from "../generated/piece";
import { inside, isBarred, isBent, isRing, isWeave, onRim } from "./bends";
import { type Formed, onOwnWires, rowsOf } from "./document";

/** Sections before one that it can be worked onto: rows, and cords, onto bent wires and woven edges, rounds about rings; cords onto the last bar of knots. */
export function wiresBefore(piece: Piece, index: number): string[] {
  const now = piece.sections[index];
  if (now?.craft !== "knot" && now?.craft !== "crochet") return [];
  const rims = rowsOf(piece, index).filter((id) => isBent(piece, id) || isWeave(piece, id));
  if (now.craft === "crochet") return rims.filter((id) => goesOnto(now.fabric, isRing(piece, id)));
  return rowsOf(piece, index).filter((id) => rims.includes(id) || isBarred(piece, id));
}

const FROM_ENDS = [
  { key: "near", name: "told from its left" },
  { key: "far", name: "told from its right" },
];

/** Do rounds of a section go about a ring of wire, and not along it? */
export function goesAbout(piece: Piece, index: number) {
  const now = piece.sections[index];
  return now?.craft === "crochet" && isAboutMiddle(now.fabric);
}

/** What something hangs from that stands on a rim, in words; null where it stands otherwise. */
export function fromRim(piece: Piece, at: Formed["at"]) {
  if (at?.kind !== "rim") return null;
  return `from the ${rimOf(piece, at.section)}`;
}

/** What a section is to those worked onto it. */
export function rimOf(piece: Piece, section: string): "edge" | "bar" | "wire" {
  if (isBarred(piece, section)) return "bar";
  return isWeave(piece, section) ? "edge" : "wire";
}

/** Both sides of a bent wire, or of a weave, as a maker calls them; both ends of a bar of knots. */
export function sidesOf(piece: Piece, wire: string) {
  if (isBarred(piece, wire)) return FROM_ENDS;
  if (isWeave(piece, wire)) return SIDES.map(({ key, name }) => ({ key, name: `its ${name} edge` }));
  const within = inside(piece, wire);
  const called = (side: "near" | "far") =>
    within ? (side === within ? "inwards" : "outwards") : side === "far" ? "to its right" : "to its left";
  return (["far", "near"] as const).map((key) => ({ key, name: called(key) }));
}

/** Onto a bent wire, or an edge: cords hung each by its fold, crochet with its first row round it. */
export function withRim(piece: Piece, index: number, wire: string): Piece {
  const { id, craft } = piece.sections[index]!;
  const at = onRim(piece, wire);
  if (craft === "crochet")
    return onOwnWires(withCrochet(piece, id, { at, begun: "edge", form: { kind: "straight" } }), id);
  const placed = onOwnWires(withRound(withKnotted(piece, id, { at }), id, null), id);
  const { mount } = knotted(placed, id);
  return withMount(placed, id, { kind: mount?.kind ?? "head", over: null, room: null });
}

/** What no longer hangs from a bent wire hangs from a bar; what is no longer crocheted round one begins on chains. */
export function withoutRim(piece: Piece, index: number): Piece {
  const { id, craft } = piece.sections[index]!;
  if ((piece.sections[index] as Formed).at?.kind !== "rim") return piece;
  if (craft === "crochet") return withCrochet(piece, id, { begun: "chain" });
  const { mount } = knotted(piece, id);
  return mount ? withKnotted(piece, id, { mount: { ...mount, over: mm(2) } }) : piece;
}
