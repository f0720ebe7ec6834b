import type { Plan } from "../generated/plan";
import type { Piece } from "../generated/piece";
import { MOST_BASE, withBase } from "../bench/weave";
import { tidied, withJoined, withParted } from "../document/change";
import { baseOf, type End, ends, endsAt, isVisit, seatNumber, type Side, type Visit } from "../document/routes";
import { onEnds, onOwnWires } from "./document";
import { wireWords } from "./endings";

/** A side of a section. */
export type Edge = Pick<End, "section" | "side">;
export const sameEdge = (one: Edge, other: Edge) => one.section === other.section && one.side === other.side;

/** The sides of sections before one that wires may still be led on from, and those that come together in it. */
export function edgesBefore(piece: Piece, index: number, taken: Edge[]): Edge[] {
  const open = ends(piece).filter((end) => end.ending === null);
  const sides: Edge[] = piece.sections
    .slice(0, index)
    .flatMap(({ id }) => (["end", "start"] as const).map((side) => ({ section: id, side })));
  return sides.filter((edge) => [...taken, ...open].some((one) => sameEdge(one, edge)));
}

/** A section standing where others come together, on all wires that end there, from left to right as one looks on. */
export function withGathered(piece: Piece, index: number, from: Edge[], plan: Plan): Piece {
  const section = piece.sections[index]!;
  const now = (section as { at?: { kind: string } }).at;
  const at = now?.kind === "gathered" ? now : { kind: "gathered", bare: { typed: "8 mm" }, turn: 0 };
  const placed = {
    ...piece,
    sections: piece.sections.map((one, i) => (i === index ? { ...one, at: { ...at, ends: from } } : one)),
  } as Piece;
  const alone = onOwnWires(placed, section.id);
  const coming = from.flatMap((edge) => endsAt(alone, edge.section, edge.side)).sort(leftToRight(from, plan));
  const most = coming.slice(0, section.craft === "weave" ? MOST_BASE : baseOf(alone, section.id).length);
  return onEnds(section.craft === "weave" ? withBase(alone, section.id, most.length) : alone, section.id, most);
}

/** By where ends stand across the way they go together. */
function leftToRight(from: Edge[], plan: Plan) {
  const stood = ({ section, side }: Edge) => plan.sections.find((one) => one.id === section)?.ends[side];
  const headings = from.map((edge) => stood(edge)?.heading ?? 0);
  const sums = [Math.sin, Math.cos].map((part) => headings.reduce((sum, angle) => sum + part(angle), 0));
  const turn = Math.hypot(...sums) < 1e-6 ? 0 : Math.atan2(sums[0]!, sums[1]!);
  const across = (end: End) => {
    const [x, y] = stood(end)?.places[end.number - 1] ?? [0, 0];
    return x! * Math.cos(turn) - y! * Math.sin(turn);
  };
  return (one: End, two: End) => across(one) - across(two);
}

/** An end of a base wire by where it lies: "s1 end 2". */
export const endKey = (end: { section: string; side: Side; number: number }) =>
  `${end.section} ${end.side} ${end.number}`;
export function endWords(piece: Piece, plan: Plan, end: { section: string; side: Side; number: number }): string {
  const wire = wireWords(piece, plan, end);
  const named = /^(the|wire) /.test(wire) ? wire : `the ${wire}`;
  return `the ${end.side === "end" ? "end" : "beginning"} of ${named}`;
}

/** What a seat of a section is joined to at a side of it: the end of another section's seat that it comes from or goes on to. */
export interface Joint {
  number: number;
  side: Side;
  wire: string;
  to: { section: string; side: Side; number: number } | null;
  /** Where on its route the wire would be parted there. */
  at: number;
  ending: string | null;
}

const sides = (stop: Visit): [Side, Side] => (stop.back ? ["end", "start"] : ["start", "end"]);

/** Every side of every base seat of a section that a wire may be led on from: not where it is folded. */
export function jointsOf(piece: Piece, section: string): Joint[] {
  return piece.wires
    .flatMap((wire) =>
      wire.route.flatMap((stop, at): Joint[] => {
        if (!isVisit(stop) || stop.section !== section || !stop.seat.startsWith("base ")) return [];
        const [enters, leaves] = sides(stop);
        const before = wire.route.slice(0, at).findLastIndex(isVisit);
        const after = wire.route.findIndex((one, i) => i > at && isVisit(one));
        const joint = (side: Side, other: number, leaving: boolean): Joint[] => {
          const number = seatNumber(stop);
          const told = wire.ends?.[leaving ? "end" : "start"] ?? null;
          if (other < 0) return [{ number, side, wire: wire.id, to: null, at, ending: told?.ending ?? null }];
          const [from, upTo] = leaving ? [at, other] : [other, at];
          if (wire.route.slice(from, upTo).some((one) => one.kind === "fold")) return [];
          const there = wire.route[other] as Visit;
          const [its, left] = sides(there);
          const to = { section: there.section, side: leaving ? its : left, number: seatNumber(there) };
          return [{ number, side, wire: wire.id, to, at: upTo, ending: null }];
        };
        return [...joint(enters, before, false), ...joint(leaves, after, true)];
      }),
    )
    .sort((one, two) => one.number - two.number);
}

/** Ends that a joint may be led to: cut flush, of another section and another wire. */
export const endsFor = (piece: Piece, section: string, joint: Joint): End[] =>
  ends(piece).filter((end) => end.ending === null && end.section !== section && end.wire.id !== joint.wire);

/** A seat's wire led from or to another end, null for none; what it was joined to before is an end of its own again. */
export function withJoint(piece: Piece, section: string, joint: Joint, key: string | null): Piece {
  const wire = piece.wires.find((one) => one.id === joint.wire)!;
  const alone = joint.to ? withParted(piece, wire, joint.at) : piece;
  if (key === null) return alone;
  const here = ends(alone).find((end) => endKey(end) === endKey({ section, ...joint }));
  const there = ends(alone).find((end) => endKey(end) === key);
  if (!here || !there || here.wire.id === there.wire.id) return alone;
  const order = (end: End) => alone.sections.findIndex((one) => one.id === end.section);
  const [first, second] = order(here) < order(there) ? [here, there] : [there, here];
  return tidied(withJoined(alone, first, second));
}
