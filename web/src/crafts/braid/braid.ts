import type { BraidSample, Crossing } from "../../api/braids";
import { withSeats } from "../../bench/weave";
import { choices, mm, named } from "../../choices/choices";
import type { Piece } from "../../generated/piece";
import type { Plan } from "../../generated/plan";

export type Braid = Extract<Piece["sections"][number], { craft: "braid" }>;
type Strand = Braid["strands"][number];
export type BraidTold = NonNullable<Plan["sections"][number]["braid"]>;

export const MOST_STRANDS = 9;
export const LEAST_STRANDS = 3;

/** What is counted of a braid: stitches of a flat one, rounds of any other. */
export const stitches = (flat: boolean, count = 2) =>
  flat ? (count === 1 ? "stitch" : "stitches") : count === 1 ? "round" : "rounds";

export const braid = (piece: Piece, id: string): Braid => piece.sections.find((one) => one.id === id) as Braid;
export const withBraid = (piece: Piece, id: string, changes: Partial<Braid>): Piece => ({
  ...piece,
  sections: piece.sections.map((one) => (one.id === id ? ({ ...one, ...changes } as Braid) : one)),
});

type Edge = "near" | "far";
/** The flat braid, begun from an edge: from the far one it is the mirror image of the other. */
export const flat = (begun: Edge = "near"): Braid["scheme"] => ({ kind: "flat", begun });
/** The edge a braid is begun from; crossings said one by one are begun where they say. */
export const edge = (scheme: Braid["scheme"]): Edge => (scheme.kind === "flat" && scheme.begun) || "near";

const wiresIn = (strands: Strand[]) => strands.reduce((sum, one) => sum + one.wires, 0);

/** The strands of a braid, with as many wires as they hold. */
const withStrands = (piece: Piece, id: string, strands: Strand[]): Piece =>
  withBraid(withSeats(piece, id, wiresIn(strands)), id, { strands: strands as Braid["strands"] });

/** So many strands: new ones are like the last; crossings said one by one give way to the flat braid. */
export function withStrandCount(piece: Piece, id: string, count: number): Piece {
  const { strands, scheme } = braid(piece, id);
  const like = strands.at(-1)!;
  const next = Array.from({ length: count }, (_, i) => strands[i] ?? like);
  return withBeadsPlaced(
    withBraid(withStrands(piece, id, next), id, { scheme: flat(edge(scheme)), pitch: null, swatch: null }),
    id,
  );
}
type Placed = Extract<Piece["beads"][number], { rule: "braided" }>;
/** So many strands are told apart when one of them is filled. */
const MOST_FILLED = 6;
/** Where beads lie that were braided in elsewhere: on an edge they may in any braid, in the middle in a flat one of three. */
export function placeFor(on: Placed["on"], { scheme, strands }: Braid): Placed["on"] {
  const most = scheme.kind !== "flat" ? 0 : on === "middle" ? 3 : on === "strand" ? MOST_FILLED : MOST_STRANDS;
  return on === "near" || on === "far" || strands.length <= most ? on : "near";
}
/** A piece whose braid was changed, its beads where they may lie. */
const withBeadsPlaced = (piece: Piece, id: string): Piece => ({
  ...piece,
  beads: piece.beads.map((one) =>
    one.rule === "braided" && one.section === id ? { ...one, on: placeFor(one.on, braid(piece, id)) } : one,
  ),
});

/** A twist to begin with: a turn seven wires long. */
const twist = (wire: number, lay?: number): Strand["twist"] => ({
  lay: mm(Number((lay ?? 7 * wire).toFixed(2))),
  hand: "right",
});

/** One strand of so many wires; more than three are twisted. */
export function withWires(
  piece: Piece,
  id: string,
  at: number,
  wires: number,
  twisted: boolean,
  wireMm: number,
): Piece {
  const { strands } = braid(piece, id);
  const now = strands[at]!;
  const kept = wires > 1 && (twisted || wires > 3) ? (now.twist ?? twist(wireMm)) : null;
  return withStrands(
    piece,
    id,
    strands.map((one, i) => (i === at ? { wires, twist: kept } : one)),
  );
}

/** Braided as one of the collection. */
export function withSample(piece: Piece, id: string, sample: BraidSample): Piece {
  const strand: Strand = {
    wires: sample.wires,
    twist: sample.lay_mm === null ? null : twist(0, sample.lay_mm),
  };
  const strands = Array.from({ length: sample.strands }, () => strand);
  const scheme: Braid["scheme"] = sample.flat ? flat() : { kind: "crossings", crossings: sample.crossings as never };
  return withBeadsPlaced(withBraid(withStrands(piece, id, strands), id, { scheme, pitch: null, swatch: null }), id);
}
/** Is one of the collection on the bench? */
export const isBraided = (piece: Piece, id: string, told: BraidTold, sample: BraidSample) => {
  const { strands } = braid(piece, id);
  const alike = strands.every((one) => one.wires === sample.wires && Boolean(one.twist) === (sample.lay_mm !== null));
  return alike && strands.length === sample.strands && written(told.crossings) === written(sample.crossings);
};

/** Crossings in short. */
export const written = (crossings: Crossing[]) => crossings.map(({ gap, over }) => `${gap}${over[0]}`).join(" ");

/** Crossings of which one is turned over: the strand that lay under it lies over. */
export const turnedOver = (crossings: Crossing[], at: number): Crossing[] =>
  crossings.map((one, i) => (i === at ? { ...one, over: one.over === "right" ? "left" : "right" } : one));

/** The crossings of a braid told one by one, so that they can be changed. */
export const withCrossings = (piece: Piece, id: string, crossings: Crossing[]): Piece =>
  withBeadsPlaced(withBraid(piece, id, { scheme: { kind: "crossings", crossings: crossings as never } }), id);

/** A closed outline is begun so wide, as a share of what is braided. */
const WIDE = 0.28;
/** Bent to another form; a closed outline as wide as so much of it goes round. */
export function withForm(piece: Piece, id: string, kind: string, braidedMm: number): Piece {
  const { start } = named(choices().braid_forms, kind);
  const wide = "width" in start ? { width: mm(Math.max(Math.round(WIDE * braidedMm), 2)) } : {};
  return withBraid(piece, id, { form: { kind, ...start, ...wide } as Braid["form"] });
}
