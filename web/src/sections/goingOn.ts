import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";
import { tidied, turnedRoute, withParted } from "../document/change";
import { begunAt, fromMiddle, isVisit, seated, type Wire, wireOf } from "../document/routes";
import { isFormed } from "./document";

/** What a section is woven on with: the wire of a section before it, or the other end of that, where it is begun. */
export interface WovenOn {
  section: string;
  other: boolean;
}

/** The weaving wire of a section and its place on that wire's route; null where it has two, or none. */
function working(piece: Piece, section: string) {
  const own = seated(piece, section, false);
  return own.length === 1 ? own[0]! : null;
}

/** The section whose wire weaves on in this one; null where this has a length of its own. */
export function wovenOnFrom(piece: Piece, section: string): WovenOn | null {
  const own = working(piece, section);
  const begun = own ? begunAt(own.wire) : 0;
  if (!own || own.at === begun) return null;
  const from = own.wire.route[own.at + (own.at > begun ? -1 : 1)]!;
  return isVisit(from) ? { section: from.section, other: own.at === begun - 1 } : null;
}

/** Sections whose wire may go on to this one: to weave it, or to join with it. `plan`: says whose wire others may share. */
export function wovenBefore(piece: Piece, section: string, plan: Plan): WovenOn[] {
  const at = piece.sections.findIndex((one) => one.id === section);
  const shares = (id: string) => working(piece, id) && plan.sections.some((one) => one.id === id && one.shares);
  const joins = piece.sections[at] !== undefined && !isFormed(piece.sections[at]);
  if (!joins && (!shares(section) || fromMiddle(piece, section))) return [];
  return piece.sections.slice(0, at).flatMap(({ id }) => {
    const own = shares(id) ? working(piece, id)! : null;
    if (!own) return [];
    return [false, ...(own.at === begunAt(own.wire) ? [true] : [])].map((other) => ({ section: id, other }));
  });
}

/** A section woven on with the wire of another, null for a length of its own; what that wire wove after it gets its own. */
export function withWovenOn(piece: Piece, section: string, from: WovenOn | null): Piece {
  const alone = apart(piece, section);
  if (!from) return tidied(alone);
  const before = working(alone, from.section)!;
  const back = from.other || before.at < begunAt(before.wire);
  const freed = freedBeyond(alone, before.wire, before.at, back);
  const here = working(freed, section)!.wire;
  const on = withMore(wireOf(freed, working(freed, from.section)!.wire.id), here, back);
  return tidied({
    ...freed,
    wires: freed.wires.flatMap((wire) => (wire.id === here.id ? [] : [wire.id === on.id ? on : wire])),
  });
}

/** A section, with all that is woven on from it, by a wire of its own. */
function apart(piece: Piece, section: string): Piece {
  const { wire, at } = working(piece, section)!;
  const begun = begunAt(wire);
  if (at === begun) return piece;
  return withParted(piece, wire, at < begun ? at + 1 : at);
}

/** What a wire makes beyond one of its stops, to a side, by a wire of its own. */
function freedBeyond(piece: Piece, wire: Wire, at: number, back: boolean): Piece {
  const first = back ? Math.min(at, begunAt(wire)) : at + 1;
  return first > 0 && first < wire.route.length ? withParted(piece, wire, first) : piece;
}

/** A wire that makes with one of its ends what another made. What that was bent to, its end is. */
function withMore(wire: Wire, more: Wire, back: boolean): Wire {
  const side = back ? "start" : "end";
  const ends = { start: null, end: null, ...wire.ends };
  const ended = { ...ends, [side]: more.ends?.end ?? ends[side] };
  if (!back) return { ...wire, route: [...wire.route, ...more.route] as Wire["route"], ends: ended };
  const begun = { stop: begunAt(wire) + more.route.length + 1 };
  return { ...wire, route: [...turnedRoute(more.route), ...wire.route] as Wire["route"], begun, ends: ended };
}
