import type { KnotItem, KnotRow, KnotSample } from "../../api/knots";
import { mm } from "../../choices/choices";
import { withSeats } from "../../bench/weave";
import { tidied, withFold, withoutFold, withWire } from "../../document/change";
import { baseOf, ends, folds, fresh, visit } from "../../document/routes";
import type { Piece } from "../../generated/piece";
import type { Plan } from "../../generated/plan";
import { freshSection, isFormed } from "../../sections/document";

export type Knotted = Extract<Piece["sections"][number], { craft: "knot" }>;
export type KnotTold = NonNullable<Plan["sections"][number]["knot"]>;

export const knotted = (piece: Piece, id: string): Knotted => piece.sections.find((one) => one.id === id) as Knotted;
export const withKnotted = (piece: Piece, id: string, changes: Partial<Knotted>): Piece => ({
  ...piece,
  sections: piece.sections.map((one) => (one.id === id ? ({ ...one, ...changes } as Knotted) : one)),
});

/** What the sides of a knot are called. */
const FROM = { left: "from the left", right: "from the right" };
const ONWARD = { left: "to the left", right: "to the right" };
const ROUND = { left: "anticlockwise", right: "clockwise" };
/** Knots as they are called, how many cords one takes unless it is said, and at the least; hands: its sides, where it has any. */
export const KINDS = [
  { key: "square", letter: "s", name: "a square knot", usual: 4, least: 3, most: 9, hands: FROM },
  { key: "half", letter: "h", name: "a half knot", usual: 4, least: 3, most: 9, hands: FROM },
  { key: "bar", letter: "b", name: "a bar of hitches", usual: 4, least: 2, most: 60, hands: ONWARD },
  { key: "diagonal", letter: "d", name: "a slanting bar", usual: 4, least: 2, most: 60, hands: ONWARD },
  { key: "vertical", letter: "v", name: "upright hitches", usual: 4, least: 2, most: 60, hands: ONWARD },
  { key: "overhand", letter: "o", name: "an overhand knot", usual: 4, least: 1, most: 16, hands: null },
  { key: "wrap", letter: "w", name: "a gathering wrap", usual: 4, least: 2, most: 16, hands: null },
  { key: "crown", letter: "c", name: "a crown knot", usual: 4, least: 3, most: 6, hands: ROUND },
  { key: "exchange", letter: "e", name: "an exchange of cords", usual: 4, least: 4, most: 4, hands: null },
] as const;
export const kindOfKnot = (key: string) => KINDS.find((one) => one.key === key);

/** Cords its rows need. */
export const taken = (row: KnotRow) => row.knots.reduce((sum, one) => sum + one.cords, 0);
/** More cords, or fewer: rows that need more than there are then keep what fits. */
export function withCords(piece: Piece, id: string, count: number): Piece {
  const { rows, mount } = knotted(piece, id);
  const even = mount ? count + (count % 2) : count;
  const bare = mount ? withMount(piece, id, null) : piece;
  const seated = withKnotted(withSeats(bare, id, even), id, { rows: fittingRows(rows, even) });
  return mount ? withMount(seated, id, mount) : seated;
}
function fittingRows(rows: KnotRow[], count: number): Knotted["rows"] {
  const kept = rows
    .map((row) => ({ ...row, knots: fitting(row.knots, count) }))
    .filter((row) => row.knots.some(isTied));
  const sound = kept.length ? kept : [{ knots: [item("overhand", Math.min(count, 4))], gap: mm(0), times: 1 }];
  return sound as Knotted["rows"];
}
const isTied = ({ kind }: KnotItem) => kind !== "pass";
function fitting(knots: KnotItem[], count: number): KnotItem[] {
  let left = count;
  return knots.filter((one) => one.cords <= left && ((left -= one.cords), true));
}
export const item = (kind: string, cords: number, hand: "left" | "right" = "left"): KnotItem =>
  ({ kind, hand, cords, times: 1, turns: kind === "wrap" ? 4 : 1 }) as KnotItem;

/** Cords hung from a bar by their folds, each two beside each other one; or hung by themselves. */
export function withMount(piece: Piece, id: string, mount: Knotted["mount"]): Piece {
  const loose = folds(piece)
    .filter((one) => one.section === id && one.side === "start")
    .reduce((now, { fold }) => withoutFold(now, fold.id), piece);
  const changed = withKnotted(loose, id, { mount });
  if (!mount) return changed;
  const count = baseOf(changed, id).length;
  const even = count % 2 ? withSeats(changed, id, count + 1) : changed;
  const pairs = Array.from({ length: Math.ceil(count / 2) }, (_, i) => [2 * i + 1, 2 * i + 2]);
  return tidied(pairs.reduce((now, pair) => foldedAt(now, id, pair), even));
}
function foldedAt(piece: Piece, id: string, pair: number[]): Piece {
  const [one, two] = ends(piece).filter(
    (end) => end.section === id && end.side === "start" && pair.includes(end.number),
  );
  if (!one || !two || one.wire.id === two.wire.id) return piece;
  const used = [...folds(piece).map(({ fold }) => fold.id), ...piece.endings.map((ending) => ending.id)];
  return withFold(piece, one, two, fresh(used, "f")[0]!);
}

/** Closed round an oval, the last cord beside the first; or laid flat, without the knots that closed it. */
export function withRound(piece: Piece, id: string, round: Knotted["round"]): Piece {
  const now = knotted(piece, id);
  const flat = { rows: fittingRows(now.rows, baseOf(piece, id).length) };
  return withKnotted(piece, id, { round, ...(round ? settled(now) : flat) });
}
const settled = ({ mount }: Knotted): Partial<Knotted> => ({
  spacing: null,
  hitched: null,
  form: { kind: "straight" },
  mount: mount ? { ...mount, room: null } : null,
});
/** Can it be closed? What hangs from the wire of another section is not. */
export const isClosable = ({ at }: Knotted) => at?.kind !== "rim";

/** As one of the collection, with as many cords as that has. */
export function withSample(piece: Piece, id: string, sample: KnotSample): Piece {
  const { mount } = knotted(piece, id);
  const bare = mount ? withMount(piece, id, null) : piece;
  const seated = withKnotted(withSeats(bare, id, sample.cords), id, {
    rows: sample.pattern as Knotted["rows"],
    swatch: null,
    spacing: null,
  });
  return mount ? withMount(seated, id, mount) : seated;
}
/** Is one of the collection on the bench? */
export const isOnBench = (piece: Piece, id: string, sample: KnotSample) =>
  written(knotted(piece, id).rows) === written(sample.pattern) && baseOf(piece, id).length === sample.cords;

/** Knots beside the last section, in four cords of their own. */
export function withKnotsAdded(piece: Piece): Piece {
  const last = piece.sections.filter(isFormed).at(-1)!;
  const id = freshSection(piece);
  const section = {
    id,
    craft: "knot",
    form: { kind: "straight" },
    at: { kind: "beside", section: last.id, across: mm(20), along: mm(0), side: "far" },
    extent: { kind: "repeats", count: 10 },
    rows: [{ knots: [item("square", 4)], gap: mm(0), times: 1 }],
    mount: null,
    spacing: null,
    swatch: null,
    to_hand: null,
    finish: "knot",
    tail: mm(100),
    margin: 0.1,
    bare: { length: mm(0), gives: false },
  };
  const [kind, kinds] = cordKind(piece);
  const more = { ...piece, kinds, sections: [...piece.sections, section as unknown as Knotted] } as Piece;
  return [1, 2, 3, 4].reduce((now, seat) => withWire(now, kind, [visit(id, `base ${seat}`)]), more);
}

/** A kind of cord, added where there is none. */
function cordKind(piece: Piece): [string, Piece["kinds"]] {
  const found = piece.kinds.find((one) => one.use === "base" && one.metal.endsWith("_cord"));
  if (found) return [found.id, piece.kinds];
  const [id] = fresh(
    piece.kinds.map((one) => one.id),
    "k",
  );
  const cord = { id: id!, use: "base", size: mm(1), metal: "waxed_cord", temper: "soft" };
  return [id!, [...piece.kinds, cord as Piece["kinds"][number]]];
}

/** Rows in short, one to a line. */
export const written = (rows: KnotRow[]) =>
  rows
    .map(({ knots, gap, times }) => {
      const bare = Number.parseFloat(gap?.typed ?? "0");
      const parts = [
        ...(bare > 0 ? [`~${gap!.typed}`] : []),
        ...knots.map(word),
        ...((times ?? 1) > 1 ? [`x${times}`] : []),
      ];
      return parts.join(" ");
    })
    .join("\n");
function word({ kind, hand, cords, times, turns }: KnotItem): string {
  if (kind === "pass") return `-${cords}`;
  const { letter, hands } = kindOfKnot(kind)!;
  const onward = hands === FROM ? hand !== "right" : hand === "right";
  const side = hands ? (onward ? ">" : "<") : "";
  return `${(times ?? 1) > 1 ? times : ""}${letter}${cords}${kind === "wrap" ? `/${turns}` : ""}${side}`;
}
