import type { Sample, Stretch } from "../api/client";
import { tidied, withoutVisits, withWire } from "../document/change";
import { kindOf, withKindLike } from "../document/kinds";
import {
  baseOf,
  begunAt,
  ends,
  endsIn,
  freshWires,
  seated,
  visit,
  type Wire,
  wireOf,
  workingOf,
} from "../document/routes";
import type { Piece } from "../generated/piece";

/** A woven section. */
export type Section = Extract<Piece["sections"][number], { craft: "weave" }>;
export type WalkPattern = Extract<Section["pattern"], { kind: "walk" }>;

export const MOST_BASE = 25;

/** A woven section of a piece. */
export const section = (piece: Piece, id: string): Section => piece.sections.find((one) => one.id === id) as Section;
export const withSection = (piece: Piece, id: string, changes: Partial<Section>): Piece => ({
  ...piece,
  sections: piece.sections.map((one) => (one.id === id ? ({ ...one, ...changes } as Section) : one)),
});

/**
 * Woven from one end, or from the middle outwards: there one wire may make both halves, begun at its middle. One that
 * goes on to other sections does so in any case.
 */
export function withStart(piece: Piece, id: string, from: Section["from"], oneWire = false): Piece {
  const begun = new Map(
    seated(piece, id, false).map(({ wire, at }) => {
      const within = from === "middle" && (oneWire || wire.route.length > 1);
      return [wire.id, at === begunAt(wire) ? (within || at > 0 ? { stop: at + 1 } : null) : wire.begun];
    }),
  );
  const wires = piece.wires.map((wire) => (begun.has(wire.id) ? { ...wire, begun: begun.get(wire.id) } : wire));
  return withSection({ ...piece, wires }, id, { from });
}
/** Does a wire of a section go on to others? */
export const goesOn = (piece: Piece, id: string) => seated(piece, id, false).some(({ wire }) => wire.route.length > 1);
/** Is one wire begun at its middle for both halves? */
export const begunWithin = (piece: Piece, id: string) => workingOf(piece, id).some((wire) => wireOf(piece, wire).begun);

/** The wires of a closure: the middle one forms it, the next one binds. */
export function fromMiddle<T>(base: T[]): T[] {
  const middle = Math.max(Math.ceil(base.length / 2) - 1, 0);
  return [...base.slice(middle), ...base.slice(0, middle)];
}

/** The gap list of a coil pattern, so that it can be changed freely. */
export function asWalk(pattern: Section["pattern"]): WalkPattern {
  if (pattern.kind === "walk") return pattern;
  const times = (gaps: number[], count: number) => Array.from({ length: count }, () => gaps).flat();
  const coils = (count: number): Stretch[] => (count > 0 ? [{ gaps: [0, 1], times: count }] : []);
  return {
    kind: "walk",
    gaps: [...times([0, 1], pattern.single), ...times([0, 2], pattern.both)],
    before: coils(pattern.anchor),
    after: coils(pattern.closing),
  };
}

export const withWalk = (piece: Piece, id: string, changes: Partial<WalkPattern> = {}): Piece =>
  withSection(piece, id, { pattern: { ...asWalk(section(piece, id).pattern), ...changes } });

/** The piece with so many base wires in a section: new ones are like the last and end as all of them do. */
export function withBase(piece: Piece, id: string, count: number): Piece {
  if (count === seated(piece, id, true).length) return piece;
  const { spacing, pattern } = section(piece, id);
  const changed = withSection(withSeats(piece, id, count), id, { spacing: withGaps(spacing, count - 1) });
  return pattern.kind === "coils" && count !== 2 ? withWalk(changed, id) : changed;
}

/** The same of a section of any craft, whatever else the number of its wires asks of it. */
export function withSeats(piece: Piece, id: string, count: number): Piece {
  const before = seated(piece, id, true).length;
  const added = Array.from({ length: Math.max(count - before, 0) }, (_, i) => before + i + 1);
  const more = added.reduce((now, number) => withBaseLike(now, id, number), piece);
  return tidied(
    withoutVisits(more, ({ stop, number }) => stop.section === id && stop.seat.startsWith("base ") && number > count),
  );
}

/** One more base wire like the last one of a section; it ends in what all of them end in at that side. */
function withBaseLike(piece: Piece, id: string, number: number): Piece {
  const last = seated(piece, id, true).at(-1)!;
  const [own] = freshWires(piece);
  const shared = (side: "start" | "end") => {
    const here = ends(piece).filter((end) => end.section === id && end.side === side);
    const [first] = here;
    const all = first?.ending && here.length === number - 1 && here.every((end) => end.ending === first.ending);
    return all ? { ending: first.ending!, place: endsIn(piece, first.ending!).length + 1 } : null;
  };
  const wire: Wire = {
    id: own!,
    kind: last.wire.kind,
    route: [visit(id, `base ${number}`)],
    ends: { start: shared("start"), end: shared("end") },
  };
  const at = piece.wires.findIndex((one) => one.id === last.wire.id) + 1;
  return { ...piece, wires: [...piece.wires.slice(0, at), wire, ...piece.wires.slice(at)] };
}

/** Base wires cut away from a section once it is woven, by their seats. */
export const cutAway = (piece: Piece, id: string) =>
  seated(piece, id, true).flatMap(({ stop, number }) => (stop.cut_away ? [number] : []));
export const withCutAway = (piece: Piece, id: string, numbers: number[]): Piece => ({
  ...piece,
  wires: piece.wires.map((wire) => ({
    ...wire,
    route: wire.route.map((stop) =>
      stop.kind === "visit" && stop.section === id && stop.seat.startsWith("base ")
        ? { ...stop, cut_away: numbers.includes(Number(stop.seat.slice(5))) }
        : stop,
    ) as Wire["route"],
  })),
});

function withGaps(spacing: Section["spacing"], gaps: number): Section["spacing"] {
  if (spacing.kind !== "apart") return gaps > 0 ? spacing : { kind: "tight" };
  const fill = spacing.clear.at(-1) ?? { typed: "0.5 mm" };
  return { ...spacing, clear: Array.from({ length: gaps }, (_, i) => spacing.clear[i] ?? fill) };
}

/** Coils that end as they begin. */
const withCoilCounts = (piece: Piece, id: string, [single, both]: [number, number]): Piece =>
  withSection(piece, id, { pattern: { kind: "coils", single, both, anchor: 0, closing: single } });

/** Is a weave of the collection on the bench? */
export function isWoven(piece: Piece, id: string, sample: Sample): boolean {
  const { pattern } = section(piece, id);
  if (pattern.kind === "coils") return sample.coils?.[0] === pattern.single && sample.coils[1] === pattern.both;
  return baseOf(piece, id).length === sample.base && gapText(pattern.gaps) === gapText(sample.gaps);
}

/** The piece with a weave of the collection, as many base wires as that needs, and its gaps. `wire_mm`: the weaving wire. */
export function withSample(piece: Piece, id: string, sample: Sample, wire_mm: number): Piece {
  const based = withBase(piece, id, sample.base);
  const walk = sample.coils
    ? withCoilCounts(based, id, sample.coils)
    : withWalk(based, id, { gaps: sample.gaps, before: sample.before, after: sample.after });
  const { form, spacing: now } = section(piece, id);
  // What is bent keeps the gap its form gives it.
  if ((form?.kind ?? "straight") !== "straight" && sample.base === 2) return withSection(walk, id, { spacing: now });
  const clear = { typed: `${Number(((sample.clear ?? 0) * wire_mm).toFixed(2))} mm` };
  const spacing: Section["spacing"] = sample.clear
    ? { kind: "apart", clear: Array.from({ length: sample.base - 1 }, () => clear) }
    : { kind: "tight" };
  return withSection(sample.clear ? withCutAway(walk, id, []) : walk, id, { spacing });
}

/** One weaving wire, two of a kind or of two kinds side by side, or two that take turns repeat by repeat. */
export type Strands = "one" | "doubled" | "two" | "turns";
export function strandsOf(piece: Piece, id: string): Strands {
  const own = seated(piece, id, false);
  if (own.length === 1) return "one";
  if (own[1]!.number > 1) return "turns";
  return own[0]!.wire.kind === own[1]!.wire.kind ? "doubled" : "two";
}

export function withStrands(piece: Piece, id: string, strands: Strands): Piece {
  const [first, second] = workingOf(piece, id) as [string, string | undefined];
  const alone: Piece = { ...piece, wires: piece.wires.filter((wire) => wire.id !== second) };
  if (strands === "one") return tidied(alone);
  const like = kindOf(piece, second && strands !== "doubled" ? second : first);
  const same = strands === "doubled" || like.id !== wireOf(piece, first).kind;
  const [kept, kind] = same ? [alone, like.id] : withKindLike(alone, like, true);
  const made = withWire(kept, kind, [visit(id, `weaving ${strands === "turns" ? 2 : 1}`)]);
  const reserve = wireOf(piece, first).reserve;
  return tidied({
    ...made,
    wires: made.wires.map((wire, i) => (i === made.wires.length - 1 ? { ...wire, reserve } : wire)),
  });
}

/** What is kept for later of a section's weaving wires, on a tail of each. */
export const withReserve = (piece: Piece, id: string, reserve: NonNullable<Wire["reserve"]>): Piece => {
  const own = new Set(workingOf(piece, id));
  return { ...piece, wires: piece.wires.map((wire) => (own.has(wire.id) ? { ...wire, reserve } : wire)) };
};

/** A list of gaps as typed; what is no whole number stays as it is, to be answered by the core. */
export const readGaps = (text: string): number[] =>
  text
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map((word) => (/^\d+$/.test(word) ? Number(word) : word)) as number[];

export const gapText = (gaps: number[]): string => gaps.join(" ");
