import type { Piece } from "../generated/piece";
import {
  begunAt,
  type End,
  endsIn,
  folds,
  freshWires,
  fromMiddle,
  isVisit,
  type Seated,
  type Side,
  type Stop,
  visits,
  type Wire,
} from "./routes";

/** One more wire, by itself. */
export function withWire(piece: Piece, kind: string, route: Stop[]): Piece {
  const [id] = freshWires(piece);
  return { ...piece, wires: [...piece.wires, { id: id!, kind, route: route as Wire["route"] }] };
}

/** Stops as they come from the other end of their wire. */
export const turnedRoute = (route: Stop[]) =>
  [...route].reverse().map((stop) => (isVisit(stop) ? { ...stop, back: !stop.back } : stop));

/** A wire begun at its other end. */
function turned(wire: Wire): Wire {
  const { reserve } = wire;
  return {
    ...wire,
    ...(reserve && { reserve: { ...reserve, side: reserve.side === "start" ? ("end" as const) : ("start" as const) } }),
    route: turnedRoute(wire.route) as Wire["route"],
    ends: { start: wire.ends?.end ?? null, end: wire.ends?.start ?? null },
  };
}

/** A wire parted before one of its stops, and after it; ends that are new are cut flush, a fold or a way at such an end is gone. */
function parted(wire: Wire, at: number, upTo = at + 1): Wire[] {
  const loose = (route: Stop[]) => {
    const from = route.findIndex(isVisit);
    return from < 0
      ? route.filter((stop) => !["way", "fold"].includes(stop.kind))
      : route.slice(from, route.findLastIndex(isVisit) + 1);
  };
  const first = loose(wire.route.slice(0, at));
  const last = loose(wire.route.slice(upTo));
  const begun = (from: number, to: number) => {
    const stop = (wire.begun?.stop ?? 0) - from;
    return stop > 0 && stop <= to - from ? { stop } : null;
  };
  const { reserve, ...own } = wire;
  const whole = !first.length || !last.length;
  const kept = (side: Side) => (reserve && (whole || reserve.side === side) ? { reserve } : {});
  const ends = { start: null, end: null, ...wire.ends };
  const parts = [
    { ...own, ...kept("start"), route: first, begun: begun(0, at), ends: { ...ends, end: null } },
    { ...own, ...kept("end"), route: last, begun: begun(upTo, wire.route.length), ends: { ...ends, start: null } },
  ];
  return parts.filter((part) => part.route.length > 0) as Wire[];
}

/** Wires in place of one; what goes on by itself gets an id of its own. Parts that run back alone are turned to run on. */
function exchanged(piece: Piece, wire: Wire, parts: Wire[]): Piece {
  const ids = [wire.id, ...freshWires(piece, Math.max(parts.length - 1, 0))];
  const made = parts.map((part, i) => {
    const on = part.route.filter(isVisit).every((stop) => stop.back) ? turned(part) : part;
    return { ...on, id: ids[i]! };
  });
  return { ...piece, wires: piece.wires.flatMap((one) => (one.id === wire.id ? made : [one])) };
}

/** A wire whose fold stays where the sections before it end, when the one it was folded in is gone. */
function shortened(wire: Wire, gone: (seated: Seated) => boolean): Wire {
  const { route } = wire;
  const left = (at: number) => {
    const stop = route[at];
    return stop !== undefined && isVisit(stop) && gone({ wire, stop, at, number: Number(stop.seat.split(" ")[1]) });
  };
  const stays = (at: number) => {
    const stop = route[at];
    return stop !== undefined && isVisit(stop) && !left(at) ? stop.section : null;
  };
  const at = route.findIndex(
    (stop, i) => stop.kind === "fold" && left(i - 1) && left(i + 1) && stays(i - 2) && stays(i - 2) === stays(i + 2),
  );
  return at < 0 ? wire : { ...wire, route: route.filter((_, i) => i !== at - 1 && i !== at + 1) as Wire["route"] };
}

/** Without what lies at seats of a section: wires that went on are parted there. */
export function withoutVisits(piece: Piece, gone: (seated: Seated) => boolean): Piece {
  const kept = { ...piece, wires: piece.wires.map((wire) => shortened(wire, gone)) };
  const found = visits(kept).find(gone);
  return found ? withoutVisits(exchanged(kept, found.wire, parted(found.wire, found.at)), gone) : kept;
}

/** A fold opened: two wires where there was one. */
export function withoutFold(piece: Piece, id: string): Piece {
  const wire = piece.wires.find((one) => one.route.some((stop) => stop.kind === "fold" && stop.id === id))!;
  const at = wire.route.findIndex((stop) => stop.kind === "fold" && stop.id === id);
  return tidied(exchanged(piece, wire, parted(wire, at)));
}

/** A wire parted before one of its stops. */
export const withParted = (piece: Piece, wire: Wire, at: number): Piece =>
  tidied(exchanged(piece, wire, parted(wire, at, at)));

/** Two wires that end side by side made one, with a fold between. */
export const withFold = (piece: Piece, one: End, two: End, id: string): Piece =>
  withJoined(piece, one, two, [{ kind: "fold", id, ring: null }]);

/**
 * Two wires made one, of the kind of the first: its end goes on to that of the second, by way of some stops. What it was
 * bent to there moves on to where it now ends, unless that is bent already.
 */
export function withJoined(piece: Piece, one: End, two: End, between: Stop[] = []): Piece {
  const first = one.of === "end" ? one.wire : turned(one.wire);
  const second = two.of === "start" ? two.wire : turned(two.wire);
  const route = [...first.route, ...between, ...second.route] as Wire["route"];
  const ended = second.ends?.end ?? first.ends?.end ?? null;
  const joined = { ...first, route, ends: { start: first.ends?.start ?? null, end: ended } };
  return {
    ...piece,
    wires: piece.wires.flatMap((wire) => (wire.id === one.wire.id ? [joined] : wire.id === two.wire.id ? [] : [wire])),
  };
}

/** Ends bent to an ending, in this order; what was bent to it before is cut flush. */
export function withEnds(piece: Piece, ending: string, bent: Pick<End, "wire" | "of">[]): Piece {
  const place = (wire: Wire, of: Side) => bent.findIndex((end) => end.wire.id === wire.id && end.of === of) + 1;
  const told = (wire: Wire, of: Side) => {
    const at = place(wire, of);
    if (at) return { ending, place: at };
    const now = wire.ends?.[of] ?? null;
    return now?.ending === ending ? null : now;
  };
  return {
    ...piece,
    wires: piece.wires.map((wire) => ({ ...wire, ends: { start: told(wire, "start"), end: told(wire, "end") } })),
  };
}

/** The same with every end cut flush. */
export const withoutEnds = (piece: Piece): Piece => ({
  ...piece,
  wires: piece.wires.map((wire) => ({ ...wire, ends: { start: null, end: null } })),
});

/** Without wires that go nowhere, endings nothing ends in, beads and pins on what is gone, and kinds nothing is of. */
export function tidied(piece: Piece): Piece {
  const sections = new Set(piece.sections.map((one) => one.id));
  const beads = piece.beads.filter(
    (one) => sections.has(one.section) && (!("other" in one) || sections.has(one.other)),
  );
  const placed = new Set(beads.map((one) => one.id));
  const folded = new Set(folds(piece).map(({ fold }) => fold.id));
  const stays = (stop: Stop) =>
    (stop.kind !== "carry" || placed.has(stop.beads)) && (stop.kind !== "cover" || folded.has(stop.fold));
  const wires = piece.wires
    .map((wire) => (wire.route.every(stays) ? wire : { ...wire, route: wire.route.filter(stays) as Wire["route"] }))
    .filter((wire) => wire.route.length > 0)
    .map((wire) => (begins(piece, wire) ? wire : { ...wire, begun: null }));
  const kinds = new Set(wires.map((wire) => wire.kind));
  const left = { ...piece, wires, beads };
  const endings = piece.endings.filter((ending) => endsIn(left, ending.id).length > 0);
  const pins = piece.pins.filter(
    (pin) =>
      (pin.quantity !== "woven" || sections.has(pin.section)) && (pin.quantity !== "wire" || kinds.has(pin.kind)),
  );
  const meetings = piece.meetings
    ?.filter(({ end, other }) => sections.has(end.section) && sections.has(other.section))
    .map((one) => ({
      ...one,
      gives: one.gives.filter(({ section }) => sections.has(section)),
    })) as typeof piece.meetings;
  const met = meetings && { meetings };
  return renumbered(held({ ...left, ...met, endings, pins, kinds: piece.kinds.filter((kind) => kinds.has(kind.id)) }));
}

/** Without what hung on endings and folds that are gone, and without ends that were led through them. */
function held(piece: Piece): Piece {
  const there = new Set([...piece.endings.map((one) => one.id), ...folds(piece).map(({ fold }) => fold.id)]);
  const findings = piece.findings?.filter((one) => one.on.every((id) => there.has(id)));
  const loose = piece.endings.filter((one) => one.kind === "led" && !there.has(one.through)).map((one) => one.id);
  const kept = {
    ...piece,
    endings: piece.endings.filter((one) => !loose.includes(one.id)),
    ...(findings && { findings }),
  };
  return loose.reduce((now, id) => withEnds(now, id, []), kept);
}

/** Is a wire begun elsewhere than with the first end of its way: between others, or in the middle of a section? */
function begins(piece: Piece, wire: Wire): boolean {
  const stop = wire.route[begunAt(wire)];
  return !wire.begun || wire.begun.stop > 1 || (stop !== undefined && isVisit(stop) && fromMiddle(piece, stop.section));
}

/** Places in an ending go on from 1 where a wire of it is gone. */
const renumbered = (piece: Piece): Piece =>
  piece.endings.reduce((now, ending) => {
    const own = endsIn(now, ending.id);
    return own.every((end, i) => end.place === i + 1) ? now : withEnds(now, ending.id, own);
  }, piece);
