import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";
import { choices, isFrame, mm, named } from "../choices/choices";
import { tidied, withJoined, withoutVisits, withWire } from "../document/change";
import { withBeadsLike } from "./beadsLike";
import { kindOf, withKindLike, withWorkingKind } from "../document/kinds";
import {
  baseOf,
  type End,
  endsAt,
  fresh,
  isVisit,
  seated,
  seatNumber,
  type Side,
  visit,
  workingOf,
} from "../document/routes";

type Part = Piece["sections"][number];
type Woven = Extract<Part, { craft: "weave" }>;
/** A section with a form of its own, which others can stand on. */
export type Formed = Exclude<Part, { craft: "lace" | "bind" }>;
export const isFormed = (one: Part): one is Formed => one.craft !== "lace" && one.craft !== "bind";

const with_ = (piece: Piece, index: number, changes: object): Piece => ({
  ...piece,
  sections: piece.sections.map((one, i) => (i === index ? ({ ...one, ...changes } as Part) : one)),
});
export const freshSection = (piece: Piece) =>
  fresh(
    piece.sections.map((one) => one.id),
    "s",
  )[0]!;

/** A section bent to another form, with that form's common sizes. A strip says how far it is woven, a frame says so itself. */
export function withForm(piece: Piece, index: number, kind: string): Piece {
  const form = named(choices().forms, kind);
  const now = piece.sections[index] as Woven;
  const framed = isFrame({ craft: "weave", form: { kind } });
  const said = now.extent?.kind === "repeats" || now.extent?.kind === "length";
  return with_(piece, index, {
    form: { kind, ...form.start },
    extent: framed ? { kind: "fill" } : said ? now.extent : { kind: "length", length: mm(40) },
    spacing: framed ? { kind: "tight" } : now.spacing,
  });
}

/** Where a section stands: alone, on from an end of another, where some come together, beside one, or as its mirror image. */
export function withPlace(piece: Piece, index: number, kind: string, section: string, from: Side = "end"): Piece {
  const places: Record<string, object> = {
    first: { kind, turn: 0 },
    after: { kind, section, from, bare: mm(8), turn: 0 },
    beside: { kind, section, across: mm(6), along: mm(0), side: "far" },
    centre: { kind, section, turn: 0 },
    mirror: { kind, section, apart: mm(0), to: "left" },
  };
  const placed = with_(piece, index, { at: places[kind] });
  const { id } = piece.sections[index]!;
  // On the wires that go on, as many as both have; else on wires of its own.
  return kind === "after" ? onWiresOf(placed, id, section, from) : onOwnWires(placed, id);
}

const onWiresOf = (piece: Piece, section: string, onto: string, from: Side): Piece =>
  onEnds(onOwnWires(piece, section), section, endsAt(piece, onto, from));

/** A section whose base wires, from the first on, go on from these ends. */
export function onEnds(piece: Piece, section: string, from: End[]): Piece {
  return tidied(
    from.reduce((now, { section: onto, side, number }, i) => {
      const one = endsAt(now, onto, side).find((end) => end.number === number);
      const two = endsAt(now, section, "start").find((end) => end.number === i + 1);
      return one && two && one.wire.id !== two.wire.id ? withJoined(now, one, two) : now;
    }, piece),
  );
}

/** A section on wires that lie nowhere else. */
export function onOwnWires(piece: Piece, section: string): Piece {
  const elsewhere = seated(piece, section, true).filter(({ wire }) =>
    wire.route.some((stop) => isVisit(stop) && stop.section !== section),
  );
  const numbers = elsewhere.map((one) => one.number);
  const freed = withoutVisits(
    piece,
    ({ stop, number }) => stop.section === section && stop.seat.startsWith("base ") && numbers.includes(number),
  );
  return tidied(
    elsewhere.reduce((now, { wire, number }) => withWire(now, wire.kind, [visit(section, `base ${number}`)]), freed),
  );
}

/** Wires for a section that is worked as another one is. */
const onWiresLike = (piece: Piece, section: string, model: string): Piece =>
  [...seated(piece, model, true), ...seated(piece, model, false)].reduce(
    (now, { wire, stop }) => withWire(now, wire.kind, [visit(section, stop.seat)]),
    piece,
  );

/** One more section: like the last woven one, on wires of its own, or a bent wire of its own. */
export function withSectionAdded(piece: Piece, craft: "weave" | "bend", starts: Record<string, Piece>): Piece {
  const last = piece.sections.filter(isFormed).at(-1)!;
  const id = freshSection(piece);
  const beside = (across: number) => ({
    kind: "beside",
    section: last.id,
    across: mm(across),
    along: mm(0),
    side: "far",
  });
  const with1 = (now: Piece, section: object): Piece => ({
    ...now,
    sections: [...now.sections, { ...section, id } as unknown as Part],
  });
  if (craft === "bend") {
    const bend = choices().bends[0]!;
    const base = piece.kinds.find((kind) => kind.use === "base")!;
    const bent = with1(piece, { craft, bend: { kind: bend.key, ...bend.start }, at: beside(10) });
    return withWire(bent, base.id, [visit(id, "base 1")]);
  }
  const model = [...piece.sections].reverse().find((one): one is Woven => one.craft === "weave");
  if (model) return onWiresLike(with1(piece, { ...model, at: beside(6) }), id, model.id);
  const start = starts.earring!;
  const woven = with1(piece, { ...start.sections[0]!, at: beside(20) });
  return ["base 1", "base 2", "weaving 1"].reduce((now, seat) => {
    const like = start.kinds.find((kind) => kind.use === (seat === "weaving 1" ? "working" : "base"))!;
    const [kept, kind] = withKindLike(now, like);
    return withWire(kept, kind, [visit(id, seat)]);
  }, woven);
}

/** A section's mirror image with its beads, on wires of its own: beside what stands on the upright axis itself, as wide as that is. */
export function withMirror(piece: Piece, index: number, wideMm: number): Piece {
  const now = piece.sections[index]!;
  const id = freshSection(piece);
  const onAxis = isFormed(now) && (now.at ?? { kind: "first" }).kind === "first";
  const bentFar = "form" in now && now.form && "towards" in now.form && now.form.towards === "far";
  const apart = mm(onAxis ? Math.ceil(wideMm * 10) / 10 : 0);
  const copy = { ...now, id, at: { kind: "mirror", section: now.id, apart, to: bentFar ? "left" : "right" } } as Part;
  return withBeadsLike(onWiresLike({ ...piece, sections: [...piece.sections, copy] }, id, now.id), now.id, id);
}

/** The sections before one that something can stand on or be laced to. */
export const rowsOf = (piece: Piece, index: number): string[] =>
  piece.sections.slice(0, index).flatMap((one) => (isFormed(one) ? [one.id] : []));

/** The last two sections laced together, with wire as what is woven, or a fine one. */
export function withLacing(piece: Piece, starts: Record<string, Piece>): Piece {
  const rows = rowsOf(piece, piece.sections.length).slice(-2);
  const id = freshSection(piece);
  const [kept, kind] = withWorkingKind(piece, starts);
  const lace = { id, craft: "lace", rows, places: 1, wraps: 3 } as unknown as Part;
  return withWire({ ...kept, sections: [...kept.sections, lace] }, kind, [visit(id, "lacing 1")]);
}

/** What joins others, when one of those is gone: nothing where too little is left. */
function withoutWork(one: Part, gone: string): Part[] {
  if (one.craft === "lace") return one.rows.includes(gone) ? [] : [one];
  if (one.craft !== "bind") return [one];
  const around = one.around.filter(({ section }) => section !== gone);
  return around.length ? [{ ...one, around: around as typeof one.around }] : [];
}

/** Where a section stands when another is gone. */
function stoodOn(at: NonNullable<Formed["at"]>, gone: string): Formed["at"] {
  const alone = { kind: "first" as const, turn: 0 };
  if ("section" in at) return at.section === gone ? alone : at;
  if (at.kind !== "gathered") return at;
  const left = at.ends.filter((one) => one.section !== gone);
  return left.length > 1 ? { ...at, ends: left as typeof at.ends } : alone;
}

/** A binding: round wires that cross and that nothing binds yet, or round those that leave the last section. */
export function withBinding(piece: Piece, starts: Record<string, Piece>, crossings: Plan["crossings"]): Piece {
  const bound = piece.sections.flatMap((one) => (one.craft === "bind" ? one.around : []));
  const free = crossings.find((crossing) =>
    crossing.some(
      (at) => !bound.some((one) => one.section === at.section && one.side === at.side && one.seat === at.seat),
    ),
  );
  const last = piece.sections.filter(isFormed).at(-1)!;
  const around = free
    ? free.map(({ section, side, seat, out_mm }) => ({ section, side, seat, out: mm(Math.round(out_mm * 10) / 10) }))
    : baseOf(piece, last.id)
        .slice(0, 12)
        .map((_, i) => ({ section: last.id, side: "end", seat: i + 1, out: mm(2) }));
  const id = freshSection(piece);
  const [kept, kind] = withWorkingKind(piece, starts);
  const bind = { id, craft: "bind", around, wraps: 3 } as unknown as Part;
  return withWire({ ...kept, sections: [...kept.sections, bind] }, kind, [visit(id, "binding 1")]);
}

/** Without a section; those that stood on it stand alone. */
export function withoutSection(piece: Piece, index: number): Piece {
  const gone = piece.sections[index]!.id;
  const left = piece.sections.flatMap((one, i) => (i === index ? [] : withoutWork(one, gone)));
  const stays = new Set(left.map((one) => one.id));
  const sections = left.map((one) => (!isFormed(one) || !one.at ? one : { ...one, at: stoodOn(one.at, gone) }));
  const freed = withoutVisits(piece, ({ stop }) => !stays.has(stop.section));
  return tidied({ ...freed, sections: sections as Part[] });
}

/** The wires that come to a section from others: the number of the seat, the other section and its seat, and where the way there is told. */
export function waysTo(piece: Piece, section: string) {
  return piece.wires.flatMap((wire) => {
    const own = wire.route.flatMap((stop, at) => (isVisit(stop) ? [{ stop, at }] : []));
    return own.slice(1).flatMap(({ stop, at }, i) => {
      const from = own[i]!;
      const folded = wire.route.slice(from.at + 1, at).some((one) => one.kind === "fold");
      const [here, there] = stop.section === section ? [stop, from.stop] : [from.stop, stop];
      if (folded || here.section !== section || there.section === section || !here.seat.startsWith("base ")) return [];
      return [{ wire: wire.id, number: seatNumber(here), onto: there.section, at, away: at - from.at > 1 }];
    });
  });
}

/** A wire that is cut away on its way from one section to the next, or stays. */
export function withWay(piece: Piece, wire: string, at: number, away: boolean): Piece {
  const put = (route: Piece["wires"][number]["route"]) =>
    away
      ? [...route.slice(0, at), { kind: "way" as const, cut_away: true }, ...route.slice(at)]
      : route.filter((_, i) => i !== at - 1);
  return {
    ...piece,
    wires: piece.wires.map((one) =>
      one.id === wire ? { ...one, route: put(one.route) as Piece["wires"][number]["route"] } : one,
    ),
  };
}

/** What a section is, wherever it stands: its own values and the kinds of its wires. */
function own(piece: Piece, section: Part): string {
  const kinds = [...baseOf(piece, section.id), ...workingOf(piece, section.id)].map((wire) => kindOf(piece, wire).id);
  return JSON.stringify([{ ...section, id: "", at: null }, kinds]);
}

/** The first section before one that is like it but for where it stands, by its place in the piece; null where none is. */
export function alikeBefore(piece: Piece, index: number): number | null {
  const now = own(piece, piece.sections[index]!);
  const found = piece.sections.slice(0, index).findIndex((one) => own(piece, one) === now);
  return found < 0 ? null : found;
}
