import { mm } from "../choices/choices";
import { withCrochet } from "../crafts/crochet/crochet";
import { knotted, withKnotted, withMount } from "../crafts/knot/knot";
import type { Piece } from "../generated/piece";
import { type Formed, onOwnWires, rowsOf } from "./document";

type Bent = Extract<Piece["sections"][number], { craft: "bend" }>;

/** Bent wires before a section that its cords can hang from. */
export const wiresBefore = (piece: Piece, index: number): string[] =>
  rowsOf(piece, index).filter((id) => piece.sections.some((one) => one.id === id && one.craft === "bend"));

/** Can a section be worked onto a bent wire: are they cords, or a band crocheted across? */
export function goesOntoWire(piece: Piece, index: number) {
  const now = piece.sections[index];
  const able =
    now?.craft === "knot" || (now?.craft === "crochet" && now.fabric.kind === "band" && now.fabric.lying !== "along");
  return able && wiresBefore(piece, index).length > 0;
}

/** Which side of a bent wire lies within the bend; none of one that runs straight or to and fro. */
function inside(piece: Piece, wire: string): "near" | "far" | null {
  const { bend } = piece.sections.find((one) => one.id === wire) as Bent;
  if (bend.kind === "arc") return bend.towards;
  return ["drop", "leaf", "heart", "lobes", "crescent"].includes(bend.kind) ? "near" : null;
}

/** Both sides of a bent wire as a maker calls them. */
export function sidesOf(piece: Piece, wire: string) {
  const within = inside(piece, wire);
  const called = (side: "near" | "far") =>
    within ? (side === within ? "inwards" : "outwards") : side === "far" ? "to its right" : "to its left";
  return (["far", "near"] as const).map((key) => ({ key, name: called(key) }));
}

/** Onto a bent wire, outwards from its middle: cords hung each by its fold, crochet with its first row round it. */
export function withRim(piece: Piece, index: number, wire: string): Piece {
  const { id, craft } = piece.sections[index]!;
  const side = inside(piece, wire) === "far" ? ("near" as const) : ("far" as const);
  const at = { kind: "rim" as const, section: wire, along: null, side };
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
