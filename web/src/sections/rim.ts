import { mm, SIDES } from "../choices/choices";
import { goesOnto, isAboutMiddle, withCrochet } from "../crafts/crochet/crochet";
import { knotted, withKnotted, withMount } from "../crafts/knot/knot";
import type { Piece } from "../generated/piece";
import { inside, isBent, isRing, isWeave, onRim } from "./bends";
import { type Formed, onOwnWires, rowsOf } from "./document";

/** Sections before one that it can be worked onto: rows, and cords, onto bent wires and woven edges, rounds about rings. */
export function wiresBefore(piece: Piece, index: number): string[] {
  const now = piece.sections[index];
  if (now?.craft !== "knot" && now?.craft !== "crochet") return [];
  const rims = rowsOf(piece, index).filter((id) => isBent(piece, id) || isWeave(piece, id));
  return now.craft === "knot" ? rims : rims.filter((id) => goesOnto(now.fabric, isRing(piece, id)));
}

/** Do rounds of a section go about a ring of wire, and not along it? */
export function goesAbout(piece: Piece, index: number) {
  const now = piece.sections[index];
  return now?.craft === "crochet" && isAboutMiddle(now.fabric);
}

/** What something hangs from that stands on a rim, in words; null where it stands otherwise. */
export function fromRim(piece: Piece, at: Formed["at"]) {
  if (at?.kind !== "rim") return null;
  return isWeave(piece, at.section) ? "from the edge" : "from the wire";
}

/** Both sides of a bent wire, or of a weave, as a maker calls them. */
export function sidesOf(piece: Piece, wire: string) {
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
  const placed = onOwnWires(withKnotted(piece, id, { at }), id);
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
