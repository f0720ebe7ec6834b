import type { Piece } from "../generated/piece";
import { isFrame, mm } from "../choices/choices";
import { withWire } from "../document/change";
import { cover, folds, fresh, isVisit, seated, type Stop, visit, type Wire } from "../document/routes";
import { withBeadsLike } from "./beadsLike";
import type { Formed } from "./document";

type Part = Piece["sections"][number];
const MOST_PETALS = 12;
const MOST_SECTIONS = 24;
/** What is bare between two petals, to begin with. */
const BARE_MM = 6;
/** Outlines that close, so that both their ends leave side by side. */
const CLOSED = ["drop", "leaf", "heart", "lobes", "crescent"];

export interface Petals {
  /** All of them, that which is there with them. */
  count: number;
  /** How large every other one is, as a share. */
  other: number;
  /** Woven with one length through all of them, as far as a hand can manage it. */
  together: boolean;
}

const shape = (one: Part) => ("bend" in one ? one.bend : "form" in one ? one.form : undefined) as { kind: string };

/** Is it an outline that may be a petal? */
export const isPetal = (one: Part): boolean =>
  (one.craft === "bend" || (one.craft === "weave" && isFrame(one))) && CLOSED.includes(shape(one).kind);

/** The wire that a petal is made of, where it ends with it. */
function petalWire(piece: Piece, section: Part): Wire | undefined {
  const legs = seated(piece, section.id, true);
  const last = legs[0]?.wire.route.findLast(isVisit);
  const one = legs.every(({ wire }) => wire.id === legs[0]!.wire.id) && last?.section === section.id;
  return one && (section.craft === "bend" || last.back) ? legs[0]!.wire : undefined;
}

/** Why a section cannot be the first of so many petals: empty where it can. */
export function whyNoPetals(piece: Piece, section: Part): string {
  if (!petalWire(piece, section)) return "both its ends must be those of one wire, folded, that goes no further";
  return piece.sections.length + 1 > MOST_SECTIONS ? `at most ${MOST_SECTIONS} sections` : "";
}

/** So many petals at the most. */
export const mostPetals = (piece: Piece) => Math.min(MOST_PETALS, MOST_SECTIONS - piece.sections.length + 1);

/** An outline as large as a share of what it is: its length and its width. read: as typed, in mm. */
function sized(outline: object, read: Record<string, { mm?: number }>, share: number) {
  const scaled = ["length", "width"].map((key) => [key, mm(Math.round((read[key]?.mm ?? 0) * share * 10) / 10)]);
  return share === 1 ? outline : { ...outline, ...Object.fromEntries(scaled) };
}

/**
 * Petals round a centre like a section, on its own wire, one after the other. Of a frame each begins where the one before
 * does, so every other one is a mirror image and turned the other way. read: the section with its sizes in mm.
 */
export function withPetals(piece: Piece, index: number, petals: Petals, read: Part): Piece {
  const first = piece.sections[index] as Formed;
  const woven = first.craft === "weave";
  const ids = [first.id, ...sectionIds(piece, petals.count - 1)];
  const key = woven ? "form" : "bend";
  const turn = Math.round(180 - 360 / petals.count);
  const made = ids.slice(1).map((id, i) => ({
    ...first,
    id,
    [key]: sized(shape(first), shape(read) as never, i % 2 ? 1 : petals.other),
    at: {
      kind: "after",
      section: ids[i],
      from: woven ? "start" : "end",
      bare: mm(BARE_MM),
      turn: woven && i % 2 ? -turn : turn,
    },
  })) as Part[];
  const sections = [...piece.sections.slice(0, index + 1), ...made, ...piece.sections.slice(index + 1)];
  const wire = petalWire(piece, first)!;
  const folded = fresh([...folds(piece).map(({ fold }) => fold.id), ...piece.endings.map(({ id }) => id)], "f", 12);
  const legs = (id: string, i: number): Stop[] =>
    woven
      ? [visit(id, "base 1"), { kind: "fold", id: folded[i]!, ring: null }, visit(id, "base 2", true)]
      : [visit(id, "base 1")];
  const { start = null, end = null } = wire.ends ?? {};
  const longer = {
    ...wire,
    route: [...wire.route, ...ids.slice(1).flatMap(legs)] as Wire["route"],
    ends: { start, end: end && end.ending === start?.ending ? null : end },
  };
  const lengthened = { ...piece, sections, wires: piece.wires.map((one) => (one === wire ? longer : one)) };
  const worked = woven ? withWorking(lengthened, ids, petals.together) : lengthened;
  const covered = withCovers(worked, first.id, woven ? folded.slice(0, petals.count - 1) : []);
  return ids.slice(1).reduce((now, id) => withBeadsLike(now, first.id, id), covered);
}

/** Folds covered with a coil of their own, where that of the first petal is. */
function withCovers(piece: Piece, first: string, folded: string[]): Piece {
  const own = folds(piece).find(({ section }) => section === first);
  const coil = own && cover(piece, own.fold.id);
  return coil ? folded.reduce((now, fold) => withWire(now, coil.kind, [{ kind: "cover", fold }]), piece) : piece;
}

const sectionIds = (piece: Piece, count: number) =>
  fresh(
    piece.sections.map((one) => one.id),
    "s",
    count,
  );

/** What the first is woven with goes on through all of them, or each has as much of its own. */
function withWorking(piece: Piece, [first, ...others]: string[], together: boolean): Piece {
  return seated(piece, first!, false).reduce((now, { wire, stop }) => {
    if (!together || wire.route.length > 1)
      return others.reduce((more, id) => withWire(more, wire.kind, [visit(id, stop.seat)]), now);
    const route = [...wire.route, ...others.map((id) => visit(id, stop.seat))] as Wire["route"];
    return { ...now, wires: now.wires.map((one) => (one.id === wire.id ? { ...one, route } : one)) };
  }, piece);
}
