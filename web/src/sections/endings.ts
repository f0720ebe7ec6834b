import { choices, named } from "../choices/choices";
import { tidied, withEnds, withFold, withoutFold, withWire } from "../document/change";
import { alike } from "../document/kinds";
import { baseOf, type End, ends, folds, fresh, looseEnds, type Side } from "../document/routes";
import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";

type Ending = Piece["endings"][number];

/** Wires by their seats in a section: "near wire of section 2". */
export function seatWords(piece: Piece, section: string, numbers: number[]): string {
  const count = baseOf(piece, section).length;
  const place = (number: number) => {
    if (number === 0) return "what is left of the weaving wire";
    if (count === 1) return "the wire";
    return count === 2 ? `${number === 1 ? "near" : "far"} wire` : `wire ${number}`;
  };
  const at = piece.sections.findIndex((one) => one.id === section) + 1;
  return `${numbers.map(place).join(" and ")}${piece.sections.length > 1 ? ` of section ${at}` : ""}`;
}

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

export function withEndingAdded(piece: Piece, open: Open, kind: string): Piece {
  const taken = [...piece.endings.map((one) => one.id), ...folds(piece).map(({ fold }) => fold.id)];
  if (kind === "fold") {
    const [first, second] = open.ends;
    return withFold(piece, first!, second!, fresh([...taken, ...(piece.findings ?? []).map((one) => one.id)], "f")[0]!);
  }
  const model = named(choices().endings, kind);
  const [id] = fresh(taken, "e");
  const ending = { id, kind, ...model.start } as unknown as Ending;
  const bent = model.wires === "one" ? open.ends.slice(0, 1) : open.ends;
  return withEnds({ ...piece, endings: [...piece.endings, ending] }, id!, bent);
}

export function withoutEnding(piece: Piece, id: string): Piece {
  if (folds(piece).some(({ fold }) => fold.id === id)) return withoutFold(piece, id);
  return withEnds({ ...piece, endings: piece.endings.filter((one) => one.id !== id) }, id, []);
}

/** A fold covered with a coil of another kind of wire, or left bare. */
export function withCover(piece: Piece, fold: string, kind: string): Piece {
  const bare = {
    ...piece,
    wires: piece.wires.filter((wire) => !wire.route.some((stop) => stop.kind === "cover" && stop.fold === fold)),
  };
  return tidied(kind ? withWire(bare, kind, [{ kind: "cover", fold }]) : bare);
}
