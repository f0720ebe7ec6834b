import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";
import { tidied, withParted } from "../document/change";
import { isVisit, seated, wireOf } from "../document/routes";
import { isFormed } from "./document";

/** The weaving wire of a section and its place on that wire's route; null where it has two, or none. */
function working(piece: Piece, section: string) {
  const own = seated(piece, section, false);
  return own.length === 1 ? own[0]! : null;
}

/** The section whose wire weaves on in this one; "" where this has a length of its own. */
export function wovenOnFrom(piece: Piece, section: string): string {
  const own = working(piece, section);
  const before = own?.wire.route.slice(0, own.at).findLast(isVisit);
  return before?.section ?? "";
}

/** Sections whose wire may go on to this one: to weave it, or to join with it. `plan`: says whose wire others may share. */
export function wovenBefore(piece: Piece, section: string, plan: Plan): string[] {
  const at = piece.sections.findIndex((one) => one.id === section);
  const shares = (id: string) => working(piece, id) && plan.sections.some((one) => one.id === id && one.shares);
  const joins = piece.sections[at] !== undefined && !isFormed(piece.sections[at]);
  if (!joins && !shares(section)) return [];
  return piece.sections.slice(0, at).flatMap((one) => (shares(one.id) ? [one.id] : []));
}

/** A section woven on with the wire of another, "" for a length of its own; what that wire wove after it gets its own. */
export function withWovenOn(piece: Piece, section: string, from: string): Piece {
  const now = working(piece, section)!;
  const alone = now.at > 0 ? withParted(piece, now.wire, now.at) : piece;
  if (!from) return alone;
  const before = working(alone, from)!;
  const freed = before.at < before.wire.route.length - 1 ? withParted(alone, before.wire, before.at + 1) : alone;
  const here = working(freed, section)!.wire;
  const other = wireOf(freed, before.wire.id);
  return tidied({
    ...freed,
    wires: freed.wires.flatMap((wire) =>
      wire.id === here.id
        ? []
        : [wire.id === other.id ? { ...wire, route: [...wire.route, ...here.route] as typeof wire.route } : wire],
    ),
  });
}
