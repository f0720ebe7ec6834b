import { choices, named } from "../choices/choices";
import { tidied, withEnds, withFold, withoutFold, withWire } from "../document/change";
import { alike } from "../document/kinds";
import { baseOf, type End, ends, endsIn, folds, fresh, fromMiddle, looseEnds, type Side } from "../document/routes";
import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";

type Ending = Piece["endings"][number];

/** Wires by their seats in a section: "near wire of section 2", "wires 1, 2 and 4". */
export function seatWords(piece: Piece, section: string, numbers: number[]): string {
  const count = baseOf(piece, section).length;
  const place = (number: number) => {
    if (number === 0) return "what is left of the weaving wire";
    if (count === 1) return "the wire";
    return count === 2 ? `${number === 1 ? "near" : "far"} wire` : `wire ${number}`;
  };
  const many = count > 2 && numbers.length > 1 && !numbers.includes(0);
  const told = many ? `wires ${LIST.format(numbers.map(String))}` : LIST.format(numbers.map(place));
  const at = piece.sections.findIndex((one) => one.id === section) + 1;
  return `${told}${piece.sections.length > 1 ? ` of section ${at}` : ""}`;
}
const LIST = new Intl.ListFormat("en-GB");

/** Where a wire leaves a braid, as its crossings put it: "on the left"; nothing elsewhere, or where that is plain. */
function leavesWords(plan: Plan, { section, side, number }: Pick<End, "section" | "side" | "number">): string {
  const told = plan.sections.find((one) => one.id === section)?.braid;
  if (!told || side === "start") return "";
  let past = 0;
  const strand = told.strands.findIndex((one) => (past += one.wires.length) >= number);
  const place = told.orders[0]!.indexOf(strand + 1);
  if (place === 0) return "on the left";
  return place === told.strands.length - 1 ? "on the right" : `place ${place + 1} from the left`;
}
/** A wire by its seat, and by where it leaves its section. */
export function wireWords(piece: Piece, plan: Plan, end: Pick<End, "section" | "side" | "number">): string {
  const leaves = leavesWords(plan, end);
  return seatWords(piece, end.section, [end.number]) + (leaves && `, ${leaves}`);
}

/** Ends that an ending of one wire may be made of instead: those cut flush at the same side, and its own. */
export const otherEnds = (piece: Piece, id: string): End[] => {
  const own = ends(piece).find((end) => end.ending === id);
  if (!own) return [];
  return ends(piece)
    .filter((end) => end.section === own.section && end.side === own.side && (end.ending === null || end.ending === id))
    .sort((a, b) => a.number - b.number);
};

/** Ends that are cut flush, at a side of a section: base wires side by side, or what is left of the weaving wire. */
export interface Open {
  side: Side;
  section: string;
  ends: End[];
  worked: boolean;
}
export function openEnds(piece: Piece, plan: Plan): Open[] {
  const free = ends(piece).filter((end) => end.ending === null);
  const base = (["start", "end"] as const)
    .flatMap((side) =>
      piece.sections.map(({ id }) => ({
        side,
        section: id,
        worked: false,
        ends: free.filter((end) => end.side === side && end.section === id).sort((a, b) => a.number - b.number),
      })),
    )
    .filter((open) => open.ends.length > 0);
  const loose = looseEnds(piece)
    .filter((end) => end.ending === null && plan.sections.some((one) => one.id === end.section && one.shares))
    .filter(({ section }) => !fromMiddle(piece, section))
    .map((end) => ({ side: end.side, section: end.section, worked: true, ends: [end] }));
  return [...base, ...loose];
}

/** Can these two ends be one wire with a fold between? */
export const foldable = (piece: Piece, open: End[]) =>
  open.length === 2 &&
  open[0]!.wire.id !== open[1]!.wire.id &&
  alike(
    piece,
    open.map((end) => end.wire.id),
  );

/** Loops that an end can be led through, rings at folds too: by the wires they are bent of, and where. */
export const loops = (piece: Piece) => [
  ...piece.endings.flatMap(({ id, kind }) => {
    const own = named(choices().endings, kind).through ? endsIn(piece, id) : [];
    return own.length
      ? [
          loopAt(
            piece,
            id,
            own[0]!,
            own.map((end) => end.number),
          ),
        ]
      : [];
  }),
  ...folds(piece).flatMap((one) => (one.fold.ring ? [loopAt(piece, one.fold.id, one, one.numbers)] : [])),
];
const loopAt = (piece: Piece, id: string, at: Pick<End, "section" | "side">, numbers: number[]) => ({
  id,
  at,
  name: `${seatWords(piece, at.section, numbers)} at its ${at.side}`,
});

/** The loop an end is led through to begin with: of another section at the same side, if there is one. */
function loopFor(piece: Piece, { section, side }: End): string {
  const far = (at: Pick<End, "section" | "side">) =>
    2 * Number(at.section === section) + Number((at.side === side) === (at.section === section));
  return loops(piece).reduce((best, one) => (far(one.at) < far(best.at) ? one : best)).id;
}

/** An ending of ends that are cut flush; one of one wire is made of the first of them. */
export function withEndingAdded(piece: Piece, open: End[], kind: string): Piece {
  const taken = [...piece.endings.map((one) => one.id), ...folds(piece).map(({ fold }) => fold.id)];
  if (kind === "fold") {
    const [first, second] = open;
    return withFold(piece, first!, second!, fresh([...taken, ...(piece.findings ?? []).map((one) => one.id)], "f")[0]!);
  }
  const model = named(choices().endings, kind);
  const [id] = fresh(taken, "e");
  const through = model.leads ? { through: loopFor(piece, open[0]!) } : {};
  const ending = { id, kind, ...through, ...model.start } as unknown as Ending;
  const bent = model.wires === "one" ? open.slice(0, 1) : open;
  return withEnds({ ...piece, endings: [...piece.endings, ending] }, id!, bent);
}

export function withoutEnding(piece: Piece, id: string): Piece {
  if (folds(piece).some(({ fold }) => fold.id === id)) return withoutFold(piece, id);
  return tidied(withEnds({ ...piece, endings: piece.endings.filter((one) => one.id !== id) }, id, []));
}

/** A fold covered with a coil of another kind of wire, or left bare. */
export function withCover(piece: Piece, fold: string, kind: string): Piece {
  const bare = {
    ...piece,
    wires: piece.wires.filter((wire) => !wire.route.some((stop) => stop.kind === "cover" && stop.fold === fold)),
  };
  return tidied(kind ? withWire(bare, kind, [{ kind: "cover", fold }]) : bare);
}
