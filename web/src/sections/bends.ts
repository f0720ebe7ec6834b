import { choices, named } from "../choices/choices";
import { baseOf } from "../document/routes";
import type { Piece } from "../generated/piece";

type Bend = Extract<Piece["sections"][number], { craft: "bend" }>["bend"];

const bendOf = (piece: Piece, wire: string): Bend | null => {
  const one = piece.sections.find(({ id }) => id === wire);
  return one?.craft === "bend" ? one.bend : null;
};

const isOf = (craft: string) => (piece: Piece, section: string) =>
  piece.sections.some((one) => one.id === section && one.craft === craft);
export const isBent = isOf("bend");
export const isWeave = isOf("weave");

/** Is a section a wire bent all round, so that rounds can go about it? */
export function isRing(piece: Piece, wire: string) {
  const bend = bendOf(piece, wire);
  return bend?.kind === "arc" && bend.angle === 360;
}

/** Which side of a bent wire lies within the bend; none of one that runs straight or to and fro. */
export function inside(piece: Piece, wire: string): "near" | "far" | null {
  const bend = bendOf(piece, wire);
  if (bend?.kind === "arc") return bend.towards;
  return bend && ["drop", "leaf", "heart", "lobes", "crescent"].includes(bend.kind) ? "near" : null;
}

/** Does a knotted section end in a bar across all its cords, which others can hang from? */
export function isBarred(piece: Piece, section: string) {
  const knots = piece.sections.find((one) => one.id === section);
  if (knots?.craft !== "knot" || knots.round || knots.extent?.kind === "free") return false;
  if ((knots.form?.kind ?? "straight") !== "straight") return false;
  const [first, ...others] = knots.rows.at(-1)!.knots;
  return others.length === 0 && first!.kind === "bar" && first!.cords === baseOf(piece, section).length;
}

/** On a bent wire, or the far edge of a weave, half-way along it and outwards; on a row of knots told from its left. */
export const onRim = (piece: Piece, wire: string) => ({
  kind: "rim" as const,
  section: wire,
  along: null,
  side: inside(piece, wire) === "far" || isBarred(piece, wire) ? ("near" as const) : ("far" as const),
});

/** Bent otherwise: as it starts. What is worked onto it inwards, or outwards, stays so. */
export function withBend(piece: Piece, index: number, kind: string): Piece {
  const { id } = piece.sections[index]!;
  const bend = { kind, ...named(choices().bends, kind).start };
  const bent = { ...piece, sections: piece.sections.map((one, i) => (i === index ? { ...one, bend } : one)) } as Piece;
  const [before, after] = [piece, bent].map((one) => inside(one, id));
  if (!before || !after || before === after) return bent;
  const turned = (one: Piece["sections"][number]) =>
    "at" in one && one.at?.kind === "rim" && one.at.section === id
      ? { ...one, at: { ...one.at, side: one.at.side === "far" ? "near" : "far" } }
      : one;
  return { ...bent, sections: bent.sections.map(turned) } as Piece;
}
