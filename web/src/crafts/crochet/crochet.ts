import type { Fabric, FabricSample } from "../../api/fabrics";
import { withSeats } from "../../bench/weave";
import { choices, mm, named } from "../../choices/choices";
import { withWire } from "../../document/change";
import { baseOf, endsAt, visit } from "../../document/routes";
import type { Piece } from "../../generated/piece";
import type { Plan } from "../../generated/plan";
import { isRing } from "../../sections/bends";
import { freshSection, isFormed } from "../../sections/document";

export type Crochet = Extract<Piece["sections"][number], { craft: "crochet" }>;
export type CrochetTold = NonNullable<Plan["sections"][number]["crochet"]>;

export const crochet = (piece: Piece, id: string): Crochet => piece.sections.find((one) => one.id === id) as Crochet;
export const withCrochet = (piece: Piece, id: string, changes: Partial<Crochet>): Piece => ({
  ...piece,
  sections: piece.sections.map((one) => (one.id === id ? ({ ...one, ...changes } as Crochet) : one)),
});

export const cordsOf = (fabric: Fabric) => (fabric.kind === "cord" ? (fabric.cords ?? 1) : 1);
/** How many wires each cord, or the fabric, is worked with. */
export const heldOf = (piece: Piece, id: string) =>
  Math.max(Math.round(baseOf(piece, id).length / cordsOf(crochet(piece, id).fabric)), 1);

/** Another fabric, with as many wires as it holds. What only another one has gives way. */
export function withFabric(piece: Piece, id: string, fabric: Fabric, held = heldOf(piece, id)): Piece {
  const seated = withSeats(piece, id, held * cordsOf(fabric));
  const now = crochet(seated, id);
  const bends = LONG.includes(fabric.kind);
  return withCrochet(seated, id, {
    fabric,
    form: bends ? now.form : { kind: "straight" },
    turns: fabric.kind === "cord" ? null : now.turns,
    ...placed(seated, now, fabric),
  });
}
/** Where another fabric stands: on a wire only as it is worked onto one; on an edge as it begins in one. */
function placed(piece: Piece, { at, begun }: Crochet, fabric: Fabric): Partial<Crochet> {
  if (at?.kind !== "rim") return { begun: mayEdge(fabric) ? begun : "chain" };
  if (goesOnto(fabric, isRing(piece, at.section)))
    return isAboutMiddle(fabric) ? { at: { ...at, along: null }, begun } : { begun };
  return { at: { kind: "beside", section: at.section, across: mm(20), along: mm(0), side: "far" }, begun: "chain" };
}
/** Is it worked in rounds about its middle, which lie about that of a ring of wire? */
export const isAboutMiddle = (fabric: Fabric) =>
  fabric.kind === "disc" || (fabric.kind === "rows" && fabric.rounds !== "rows");
/** Is it worked onto a bent wire: rows along any, rounds about a ring? */
export const goesOnto = (fabric: Fabric, ring: boolean) =>
  isAboutMiddle(fabric) ? ring : fabric.kind === "rows" || (fabric.kind === "band" && fabric.lying !== "along");
/** May it begin on the edge of another section? */
export const mayEdge = (fabric: Fabric) =>
  fabric.kind === "tube" || fabric.kind === "rows" || (fabric.kind === "band" && fabric.lying !== "along");

/** Fabrics that are as long as one likes. */
const LONG = ["cord", "band", "tube"];
/** Rounds, or rows, that any other one begins with. */
const FEW = 5;
/** Another kind of fabric. What is no longer long is made a few rounds far, whatever asked for more. */
export function withKind(piece: Piece, id: string, kind: string): Piece {
  const made = withFabric(piece, id, { kind, ...named(choices().fabrics, kind).start } as Fabric);
  if (LONG.includes(kind)) return made;
  const pins = made.pins.filter((pin) => !("section" in pin && pin.section === id));
  return withCrochet({ ...made, pins }, id, { extent: { kind: "repeats", count: FEW } });
}

/** So many wires at once; fewer than two take no turns. */
export function withHeld(piece: Piece, id: string, held: number): Piece {
  const { fabric, turns } = crochet(piece, id);
  const next = withFabric(piece, id, fabric, held);
  return held > 1 ? next : withCrochet(next, id, { turns: held > 1 ? turns : null });
}

/** As one of the collection, with its hook, and the wires there are. */
export function withSample(piece: Piece, id: string, sample: FabricSample): Piece {
  const made = withFabric(withKind(piece, id, sample.fabric.kind), id, sample.fabric);
  return withCrochet(made, id, { hook: mm(sample.hook_mm), swatch: null });
}
/** Is one of the collection on the bench? */
export function isMade(piece: Piece, id: string, sample: FabricSample) {
  const { fabric } = crochet(piece, id);
  const plain = (one: Fabric) => JSON.stringify(one, (key, value) => (key === "mm" ? undefined : value));
  return plain(fabric) === plain(sample.fabric);
}

/** Crochet beside the last section, or into the end of it where its wires end there. */
export function withCrochetAdded(piece: Piece): Piece {
  const last = piece.sections.filter(isFormed).at(-1)!;
  const id = freshSection(piece);
  const edge = last.craft === "weave" && endsAt(piece, last.id, "end").length > 1;
  const section = {
    id,
    craft: "crochet",
    form: { kind: "straight" },
    at: edge
      ? { kind: "after", section: last.id, from: "end", bare: mm(0), turn: 0 }
      : { kind: "beside", section: last.id, across: mm(20), along: mm(0), side: "far" },
    extent: { kind: "repeats", count: 10 },
    fabric: { kind: "band", ...named(choices().fabrics, "band").start },
    hook: mm(2.5),
    turns: null,
    swatch: null,
    begun: edge ? "edge" : "chain",
    ended: "off",
    tail: mm(150),
    margin: 0.1,
    bare: { length: mm(0), gives: false },
  };
  const [kind, kinds] = fineKind(piece);
  const more = { ...piece, kinds, sections: [...piece.sections, section as unknown as Crochet] } as Piece;
  return withWire(more, kind, [visit(id, "base 1")]);
}

/** A kind of wire thin enough to crochet with, added where there is none. */
function fineKind(piece: Piece): [string, Piece["kinds"]] {
  const found = piece.kinds.find((one) => one.use === "base" && Number.parseFloat(one.size.typed) <= 0.5);
  if (found) return [found.id, piece.kinds];
  const like = piece.kinds[0]!;
  let number = piece.kinds.length + 1;
  while (piece.kinds.some((one) => one.id === `k${number}`)) number++;
  const fine = { ...like, id: `k${number}`, use: "base" as const, size: mm(0.3), temper: "soft" as const };
  return [fine.id, [...piece.kinds, fine as Piece["kinds"][number]]];
}

/** The letters of stitches in short notation. */
const LETTERS: Record<string, string> = {
  chain: "c",
  slip: "l",
  single: "s",
  half: "h",
  double: "d",
  treble: "t",
  picot: "p",
  skip: "-",
};
type Row = Extract<Fabric, { kind: "rows" }>["rows"][number];
/** Rows in short, one to a line. */
export const written = (rows: Row[]) =>
  rows
    .map(({ stitches, times }) => {
      const items = stitches.map(({ kind, times: often, into, over }) => {
        const count = often > 1 ? String(often) : "";
        return `${count}${LETTERS[kind]}${(into ?? 1) > 1 ? into : ""}${(over ?? 1) > 1 ? `/${over}` : ""}`;
      });
      return items.join(" ") + ((times ?? 1) > 1 ? ` x${times}` : "");
    })
    .join("\n");
