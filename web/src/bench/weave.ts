import type { Sample, Stretch } from "../api/client";
import type { Piece } from "../generated/piece";

/** A woven section. */
export type Section = Extract<Piece["sections"][number], { craft: "weave" }>;
type Wire = Piece["wires"][number];
export type WalkPattern = Extract<Section["pattern"], { kind: "walk" }>;

export const MOST_BASE = 25;

/** The section on the bench: the only one of a band. */
export const section = (piece: Piece): Section => piece.sections[0] as Section;
export const withSection = (piece: Piece, changes: Partial<Section>): Piece => ({
  ...piece,
  sections: [{ ...section(piece), ...changes }],
});

/** Where a section's base wires stand among the piece's wires, in strip order. */
export const baseIndexes = (piece: Piece): number[] =>
  section(piece).base.map((id) => piece.wires.findIndex((wire) => wire.id === id));

export const weavingIndexes = (piece: Piece): number[] =>
  section(piece).weaving.map((id) => piece.wires.findIndex((wire) => wire.id === id));

/** The wires of a closure: the middle one forms it, the next one binds. */
export function fromMiddle(base: string[]): string[] {
  const middle = Math.max(Math.ceil(base.length / 2) - 1, 0);
  return [...base.slice(middle), ...base.slice(0, middle)];
}

function freshIds(piece: Piece, count: number): string[] {
  const taken = new Set(piece.wires.map((wire) => wire.id));
  const ids: string[] = [];
  for (let number = 1; ids.length < count; number++) if (!taken.has(`w${number}`)) ids.push(`w${number}`);
  return ids;
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

export const withWalk = (piece: Piece, changes: Partial<WalkPattern> = {}): Piece =>
  withSection(piece, { pattern: { ...asWalk(section(piece).pattern), ...changes } });

/** The piece with so many base wires: new ones are like the last, and what spoke of taken ones no longer does. */
export function withBase(piece: Piece, count: number): Piece {
  const old = section(piece);
  if (count === old.base.length) return piece;
  const added = freshIds(piece, Math.max(count - old.base.length, 0));
  const base = [...old.base, ...added].slice(0, count);
  const gone = new Set(old.base.filter((id) => !base.includes(id)));
  const last = piece.wires.find((wire) => wire.id === old.base.at(-1)) as Wire;
  const kept = piece.wires.filter((wire) => !gone.has(wire.id));
  const bases = kept.filter((wire) => wire.role === "base");
  const wires = [...bases, ...added.map((id) => ({ ...last, id })), ...kept.filter((wire) => wire.role === "weaving")];
  const endings = piece.endings.map((ending) => ({
    ...ending,
    wires: [...ending.wires.filter((id) => !gone.has(id)), ...added],
  }));
  const next = { ...piece, wires, endings } as Piece;
  const changed = withSection(next, {
    base,
    cut_away: old.cut_away.filter((id) => !gone.has(id)),
    spacing: withGaps(old.spacing, count - 1),
  });
  return old.pattern.kind === "coils" && count !== 2 ? withWalk(changed) : changed;
}

function withGaps(spacing: Section["spacing"], gaps: number): Section["spacing"] {
  if (spacing.kind !== "apart") return gaps > 0 ? spacing : { kind: "tight" };
  const fill = spacing.clear.at(-1) ?? { typed: "0.5 mm" };
  return { ...spacing, clear: Array.from({ length: gaps }, (_, i) => spacing.clear[i] ?? fill) };
}

/** Coils that end as they begin. */
const withCoilCounts = (piece: Piece, [single, both]: [number, number]): Piece =>
  withSection(piece, { pattern: { kind: "coils", single, both, anchor: 0, closing: single } });

/** Is a weave of the collection on the bench? */
export function isWoven(piece: Piece, sample: Sample): boolean {
  const { pattern, base } = section(piece);
  if (pattern.kind === "coils") return sample.coils?.[0] === pattern.single && sample.coils[1] === pattern.both;
  return base.length === sample.base && gapText(pattern.gaps) === gapText(sample.gaps);
}

/** The piece with a weave of the collection, as many base wires as that needs, and its gaps. `wire_mm`: the weaving wire. */
export function withSample(piece: Piece, sample: Sample, wire_mm: number): Piece {
  const walk = sample.coils
    ? withCoilCounts(withBase(piece, sample.base), sample.coils)
    : withWalk(withBase(piece, sample.base), { gaps: sample.gaps, before: sample.before, after: sample.after });
  const clear = { typed: `${Number(((sample.clear ?? 0) * wire_mm).toFixed(2))} mm` };
  const spacing: Section["spacing"] = sample.clear
    ? { kind: "apart", clear: Array.from({ length: sample.base - 1 }, () => clear) }
    : { kind: "tight" };
  return withSection(walk, { spacing, ...(sample.clear ? { cut_away: [] } : {}) });
}

/** One weaving wire, the same one doubled, two of one size side by side, or two that take turns repeat by repeat. */
export type Strands = "one" | "doubled" | "two" | "turns";
export function strandsOf(piece: Piece): Strands {
  const { strands, weaving, turns } = section(piece);
  if (strands === 1) return "one";
  if (weaving.length === 1) return "doubled";
  return turns === "in_turn" ? "turns" : "two";
}

export function withStrands(piece: Piece, strands: Strands): Piece {
  const [first, second] = section(piece).weaving as [string, string | undefined];
  const turns = strands === "turns" ? "in_turn" : "together";
  if (strands === "one" || strands === "doubled") {
    const wires = piece.wires.filter((wire) => wire.id !== second);
    return withSection({ ...piece, wires }, { weaving: [first], strands: strands === "one" ? 1 : 2, turns });
  }
  if (second) return withSection(piece, { turns });
  const [id] = freshIds(piece, 1);
  const like = piece.wires.find((wire) => wire.id === first) as Wire;
  const wires = [...piece.wires, { ...like, id: id! }];
  return withSection({ ...piece, wires } as Piece, { weaving: [first, id!], strands: 2, turns });
}

/** A list of gaps as typed; what is no whole number stays as it is, to be answered by the core. */
export const readGaps = (text: string): number[] =>
  text
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map((word) => (/^\d+$/.test(word) ? Number(word) : word)) as number[];

export const gapText = (gaps: number[]): string => gaps.join(" ");
