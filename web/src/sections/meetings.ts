import { choices } from "../choices/choices";
import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";
import { fresh } from "../document/routes";
import { isFormed } from "./document";

export type Meeting = NonNullable<Piece["meetings"]>[number];
export type Asks = Meeting["asks"];
export type Gives = Meeting["gives"][number];
type Edge = Meeting["end"];

const numberOf = (piece: Piece, section: string) => piece.sections.findIndex((one) => one.id === section) + 1;
export const meetings = (piece: Piece): Meeting[] => piece.meetings ?? [];
export const MOST_MEETINGS = 6;

/** How many values give for a meeting. */
export const takes = (meeting: Meeting) => choices().meetings[meeting.asks][meeting.other.kind === "end" ? 0 : 1];

/** What a value is called: "radius of section 2". */
export const giveWords = (piece: Piece, { section, value }: Gives) =>
  `${value === "bare" ? "bare wire before" : `${value} of`} section ${numberOf(piece, section)}`;
/** A value that was found: "18.4 mm", "−45.7°". */
export const foundWords = ({ number, unit }: Plan["met"]["values"][number], length: (mm: number) => string) =>
  unit === "mm" ? length(number) : `${(Math.round(number * 10) / 10).toString().replace("-", "−")}${unit}`;

export const edgeKey = (edge: Edge) => `${edge.section} ${edge.side}`;
export const edgeOf = (key: string): Edge => {
  const [section, side] = key.split(" ") as [string, Edge["side"]];
  return { section, side };
};
/** What an end comes to, as one word of a choice: an end, or the middle of a section. */
export const otherKey = (other: Meeting["other"]) =>
  other.kind === "end" ? edgeKey(other) : `${other.section} middle`;
export const otherOf = (key: string): Meeting["other"] => {
  const [section, at] = key.split(" ") as [string, string];
  return at === "middle" ? { kind: "middle", section } : { kind: "end", section, side: at as Edge["side"] };
};

/** Everything an end may be, and what it may come to. */
export function places(piece: Piece, middles: boolean) {
  return piece.sections.flatMap((one) => {
    if (!isFormed(one)) return [];
    const number = numberOf(piece, one.id);
    const ends = [
      { key: `${one.id} end`, name: `the end of section ${number}` },
      { key: `${one.id} start`, name: `the beginning of section ${number}` },
    ];
    return middles ? [...ends, { key: `${one.id} middle`, name: `the middle line of section ${number}` }] : ends;
  });
}

/** The order values are taken in where nobody chose. */
const FIRST: Gives["value"][] = ["radius", "turn", "length", "angle", "bare"];

/** Values that may give: those of the sections that meet come first. */
export function mayGive(piece: Piece, plan: Plan, meeting: Meeting): Gives[] {
  const near = [meeting.end.section, ...(meeting.other.kind === "end" ? [meeting.other.section] : [])];
  const order = [...near, ...piece.sections.map((one) => one.id).filter((id) => !near.includes(id))];
  return order.flatMap((section) => {
    const own = plan.sections.find((one) => one.id === section)?.gives ?? [];
    return [...FIRST, "repeats" as const].filter((value) => own.includes(value)).map((value) => ({ section, value }));
  });
}

export const sameGives = (one: Gives, other: Gives) => one.section === other.section && one.value === other.value;

/** A meeting with as many values as it takes: those it had, then others that give to none, turn by turn of the sections that meet. */
export function filled(piece: Piece, plan: Plan, meeting: Meeting): Meeting {
  const taken = meetings(piece).flatMap((one) => (one.id === meeting.id ? [] : one.gives));
  const free = mayGive(piece, plan, meeting).filter(
    (one) => one.value !== "repeats" && !taken.some((other) => sameGives(one, other)),
  );
  const bySection = FIRST.flatMap((value) => free.filter((one) => one.value === value));
  const kept = meeting.gives.filter((one) => free.some((other) => sameGives(one, other)));
  const more = bySection.filter((one) => !kept.some((other) => sameGives(one, other)));
  return { ...meeting, gives: [...kept, ...more].slice(0, takes(meeting)) as Meeting["gives"] };
}

export const withMeetings = (piece: Piece, next: Meeting[]): Piece => ({
  ...piece,
  meetings: next as Piece["meetings"],
});

/** The last two sections' ends brought together. */
export function withMeetingAdded(piece: Piece, plan: Plan): Piece {
  const own = piece.sections.filter(isFormed);
  const [one, other] = own.slice(-2);
  const [id] = fresh(
    meetings(piece).map((meeting) => meeting.id),
    "m",
  );
  const meeting: Meeting = {
    id: id!,
    end: { section: one!.id, side: "end" },
    other: { kind: "end", section: other!.id, side: "end" },
    asks: "meet",
    gives: [] as unknown as Meeting["gives"],
  };
  return withMeetings(piece, [...meetings(piece), filled(piece, plan, meeting)]);
}
