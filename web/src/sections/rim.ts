import { mm } from "../choices/choices";
import { knotted, withKnotted, withMount } from "../crafts/knot/knot";
import type { Piece } from "../generated/piece";
import { type Formed, onOwnWires, rowsOf } from "./document";

type Bent = Extract<Piece["sections"][number], { craft: "bend" }>;

/** Bent wires before a section that its cords can hang from. */
export const wiresBefore = (piece: Piece, index: number): string[] =>
  rowsOf(piece, index).filter((id) => piece.sections.some((one) => one.id === id && one.craft === "bend"));

/** Can the section in hand hang from a bent wire? */
export const hangsFromWire = (piece: Piece, index: number) =>
  piece.sections[index]?.craft === "knot" && wiresBefore(piece, index).length > 0;

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

/** Hung from a bent wire, outwards from its middle, each cord by its fold. */
export function withRim(piece: Piece, index: number, wire: string): Piece {
  const { id } = piece.sections[index]!;
  const at = { kind: "rim", section: wire, along: null, side: inside(piece, wire) === "far" ? "near" : "far" };
  const placed = onOwnWires(withKnotted(piece, id, { at: at as Formed["at"] }), id);
  const { mount } = knotted(placed, id);
  return withMount(placed, id, { kind: mount?.kind ?? "head", over: null, room: null });
}

/** What no longer hangs from a bent wire hangs from a bar. */
export function withoutRim(piece: Piece, index: number): Piece {
  const now = piece.sections[index]!;
  if (now.craft !== "knot" || !now.mount || now.mount.over) return piece;
  return withKnotted(piece, now.id, { mount: { ...now.mount, over: mm(2) } });
}
