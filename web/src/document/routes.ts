import type { Piece } from "../generated/piece";

export type Wire = Piece["wires"][number];
export type Stop = Wire["route"][number];
export type Visit = Extract<Stop, { kind: "visit" }>;
export type Side = "start" | "end";
/** A wire where it lies in a section: `number` of the seat, from 1; `at`: its place on the route. */
export interface Seated {
  wire: Wire;
  stop: Visit;
  at: number;
  number: number;
}

/** What a seat is for, and its number. */
const seat = (stop: Visit) => stop.seat.split(" ") as [string, string];
export const seatNumber = (stop: Visit) => Number(seat(stop)[1]);
export const isVisit = (stop: Stop): stop is Visit => stop.kind === "visit";
const other = (side: Side): Side => (side === "start" ? "end" : "start");

/** The first free ids of a letter: "w3". */
export function fresh(taken: string[], letter: string, count = 1): string[] {
  const ids: string[] = [];
  for (let number = 1; ids.length < count; number++)
    if (!taken.includes(`${letter}${number}`)) ids.push(`${letter}${number}`);
  return ids;
}
export const freshWires = (piece: Piece, count = 1) =>
  fresh(
    piece.wires.map((wire) => wire.id),
    "w",
    count,
  );

export const visits = (piece: Piece): Seated[] =>
  piece.wires.flatMap((wire) =>
    wire.route.flatMap((stop, at) => (isVisit(stop) ? [{ wire, stop, at, number: Number(seat(stop)[1]) }] : [])),
  );
/** What lies in a section: its base wires, or what it is worked with, in the order of their seats. */
export const seated = (piece: Piece, section: string, base: boolean): Seated[] =>
  visits(piece)
    .filter(({ stop }) => stop.section === section && (seat(stop)[0] === "base") === base)
    .sort((one, two) => one.number - two.number);
/** The base wire at each seat; one that was folded lies at two. */
export const baseOf = (piece: Piece, section: string) => seated(piece, section, true).map(({ wire }) => wire.id);
export const workingOf = (piece: Piece, section: string) => seated(piece, section, false).map(({ wire }) => wire.id);

/** Is a section woven from its middle outwards? */
export const fromMiddle = (piece: Piece, id: string) =>
  piece.sections.some((one) => one.id === id && "from" in one && one.from === "middle");

/** Which of its stops, from 0, work on a wire begins with. */
export const begunAt = (wire: Wire) => (wire.begun?.stop ?? 1) - 1;

export const wireOf = (piece: Piece, id: string) => piece.wires.find((wire) => wire.id === id)!;
export const visit = (section: string, seat: string, back = false): Visit => ({ kind: "visit", section, seat, back });

/** Every fold, and where it stands in the document. */
export const folds = (piece: Piece) =>
  piece.wires.flatMap((wire, i) =>
    wire.route.flatMap((stop, k) => {
      if (stop.kind !== "fold") return [];
      const from = wire.route.slice(0, k).findLast(isVisit)!;
      const to = wire.route.slice(k).find(isVisit)!;
      const numbers = [from, to].map((one) => Number(seat(one)[1])).sort((a, b) => a - b);
      return [{ fold: stop, path: `/wires/${i}/route/${k}`, section: from.section, side: leaves(from), numbers }];
    }),
  );
/** The wire that covers a fold, or carries beads. */
export const cover = (piece: Piece, fold: string) =>
  piece.wires.find((wire) => wire.route.some((stop) => stop.kind === "cover" && stop.fold === fold));
export const carrier = (piece: Piece, beads: string) =>
  piece.wires.find((wire) => wire.route.some((stop) => stop.kind === "carry" && stop.beads === beads));

const enters = (stop: Visit): Side => (stop.back ? "end" : "start");
const leaves = (stop: Visit): Side => other(enters(stop));

/** An end of a base wire: which of its two, and where it stands: `side` of a section, at the `number` of a seat. */
export interface End {
  wire: Wire;
  of: Side;
  section: string;
  side: Side;
  number: number;
  ending: string | null;
  place: number;
}
export const ends = (piece: Piece): End[] =>
  piece.wires.flatMap((wire) => {
    const own = wire.route.filter(isVisit);
    if (!own.length || seat(own[0]!)[0] !== "base") return [];
    return (["start", "end"] as const).map((of) => {
      const stop = of === "start" ? own[0]! : own.at(-1)!;
      const told = wire.ends?.[of];
      const side = of === "start" ? enters(stop) : leaves(stop);
      const number = Number(seat(stop)[1]);
      return { wire, of, section: stop.section, side, number, ending: told?.ending ?? null, place: told?.place ?? 0 };
    });
  });
/** Ends of working wires, where their first section begins and where their last one ends; they have no seat: number 0. */
export const looseEnds = (piece: Piece): End[] =>
  piece.wires.flatMap((wire) => {
    const own = wire.route.filter(isVisit);
    if (!own.length || seat(own[0]!)[0] === "base") return [];
    return (["start", "end"] as const).map((of) => {
      const { section, back } = of === "start" ? own[0]! : own.at(-1)!;
      const told = wire.ends?.[of];
      const side = back ? other(of) : of;
      return { wire, of, section, side, number: 0, ending: told?.ending ?? null, place: told?.place ?? 0 };
    });
  });
/** Those at a side of a section, by their seats. */
export const endsAt = (piece: Piece, section: string, side: Side) =>
  ends(piece)
    .filter((end) => end.section === section && end.side === side)
    .sort((one, two) => one.number - two.number);
/** The ends that are bent to an ending: the one that forms it first. */
export const endsIn = (piece: Piece, ending: string) =>
  [...ends(piece), ...looseEnds(piece)]
    .filter((end) => end.ending === ending)
    .sort((one, two) => one.place - two.place);
