import type { Piece } from "../generated/piece";
import { choices, isFrame, mm, named } from "../choices/choices";

type Part = Piece["sections"][number];
type Woven = Extract<Part, { craft: "weave" }>;
type Lace = Extract<Part, { craft: "lace" }>;
/** A section with a form of its own. */
export type Formed = Exclude<Part, Lace>;
type Wire = Piece["wires"][number];
type Ending = Piece["endings"][number];

const with_ = (piece: Piece, index: number, changes: object): Piece => ({
  ...piece,
  sections: piece.sections.map((one, i) => (i === index ? ({ ...one, ...changes } as Part) : one)),
});

function fresh(taken: string[], letter: string, count = 1): string[] {
  const ids: string[] = [];
  for (let number = 1; ids.length < count; number++)
    if (!taken.includes(`${letter}${number}`)) ids.push(`${letter}${number}`);
  return ids;
}

/** A section bent to another form, with that form's common sizes. A strip says how far it is woven, a frame says so itself. */
export function withForm(piece: Piece, index: number, kind: string): Piece {
  const form = named(choices().forms, kind);
  const now = piece.sections[index] as Woven;
  const framed = isFrame(kind);
  const extent = framed
    ? { kind: "fill" }
    : now.extent && now.extent.kind !== "fill"
      ? now.extent
      : { kind: "length", length: mm(40) };
  return with_(piece, index, {
    form: { kind, ...form.start },
    extent,
    spacing: framed ? { kind: "tight" } : now.spacing,
  });
}

export const withBend = (piece: Piece, index: number, kind: string): Piece =>
  with_(piece, index, { bend: { kind, ...named(choices().bends, kind).start } });

export const withExtent = (piece: Piece, index: number, kind: string): Piece =>
  with_(piece, index, { extent: kind === "repeats" ? { kind, count: 20 } : { kind, length: mm(40) } });

/** Where a section stands: alone, after another on its wires, beside another, or as its mirror image. */
export function withPlace(piece: Piece, index: number, kind: string, section: string): Piece {
  const places: Record<string, object> = {
    first: { kind, turn: 0 },
    after: { kind, section, bare: mm(8), turn: 0 },
    beside: { kind, section, across: mm(6), along: mm(0), side: "far" },
    centre: { kind, section, turn: 0 },
    mirror: { kind, section },
  };
  const placed = with_(piece, index, { at: places[kind] });
  const onto = piece.sections.find((one) => one.id === section);
  // On the wires that go on, as many as both have; else on wires of its own.
  if (kind === "after" && onto) return onWiresOf(placed, index, onto);
  return onOwnWires(placed, index);
}

function onWiresOf(piece: Piece, index: number, onto: Part): Piece {
  const now = piece.sections[index]!;
  const base = now.base.map((id, i) => onto.base[i] ?? id);
  return tidy(with_(piece, index, { base }));
}

function onOwnWires(piece: Piece, index: number): Piece {
  const now = piece.sections[index]!;
  const elsewhere = new Set(piece.sections.filter((_, i) => i !== index).flatMap((one) => one.base));
  const shared = now.base.filter((id) => elsewhere.has(id));
  const ids = fresh(
    piece.wires.map((wire) => wire.id),
    "w",
    shared.length,
  );
  const copies = shared.map((id, i) => ({ ...piece.wires.find((wire) => wire.id === id)!, id: ids[i]! }));
  const base = now.base.map((id) => (shared.includes(id) ? ids[shared.indexOf(id)]! : id));
  return with_({ ...piece, wires: [...piece.wires, ...copies] as Piece["wires"] }, index, { base });
}

/** Without wires that lie in no section, and endings of such. */
function tidy(piece: Piece): Piece {
  const used = new Set(
    piece.sections.flatMap((one) => (one.craft === "bend" ? one.base : [...one.base, ...one.weaving])),
  );
  const sections = new Set(piece.sections.map((one) => one.id));
  const beads = piece.beads.filter(
    (one) => sections.has(one.section) && (!("other" in one) || sections.has(one.other)),
  );
  for (const placed of beads) if ("weaving" in placed) used.add(placed.weaving);
  for (const ending of piece.endings) if (ending.kind === "fold" && ending.cover) used.add(ending.cover);
  return {
    ...piece,
    beads,
    wires: piece.wires.filter((wire) => used.has(wire.id)),
    endings: piece.endings.filter((ending) => ending.wires.every((id) => used.has(id))),
  };
}

/** One more section: like the one it follows on its wires, or a bent wire of its own. */
export function withSectionAdded(piece: Piece, craft: "weave" | "bend", starts: Record<string, Piece>): Piece {
  const last = piece.sections.filter((one) => one.craft !== "lace").at(-1)!;
  const [id] = fresh(
    piece.sections.map((one) => one.id),
    "s",
  );
  const wires = piece.wires.map((wire) => wire.id);
  if (craft === "bend") {
    const [own] = fresh(wires, "w");
    const bend = choices().bends[0]!;
    const wire: Wire = { ...piece.wires.find((one) => one.role === "base")!, id: own! };
    const section = {
      id,
      craft,
      base: [own],
      bend: { kind: bend.key, ...bend.start },
      at: { kind: "beside", section: last.id, across: mm(10), along: mm(0), side: "far" },
    } as unknown as Part;
    return { ...piece, wires: [...piece.wires, wire] as Piece["wires"], sections: [...piece.sections, section] };
  }
  const model = [...piece.sections].reverse().find((one): one is Woven => one.craft === "weave");
  if (model) {
    const section = { ...model, id: id! } as Part;
    return withPlace({ ...piece, sections: [...piece.sections, section] }, piece.sections.length, "beside", last.id);
  }
  const start = starts.earring!;
  const model_ = start.sections[0] as Woven;
  const ids = fresh(wires, "w", 3);
  const own = start.wires.map((wire, i) => ({ ...wire, id: ids[i]! }));
  const section: Part = {
    ...model_,
    id: id!,
    base: ids.slice(0, 2),
    weaving: [ids[2]!],
    at: { kind: "beside", section: last.id, across: mm(20), along: mm(0), side: "far" },
  };
  return { ...piece, wires: [...piece.wires, ...own] as Piece["wires"], sections: [...piece.sections, section] };
}

/** A section's mirror image, on wires of its own. */
export function withMirror(piece: Piece, index: number): Piece {
  const now = piece.sections[index]!;
  const [id] = fresh(
    piece.sections.map((one) => one.id),
    "s",
  );
  const copy = { ...now, id: id!, at: { kind: "mirror", section: now.id } } as Part;
  return onOwnWires({ ...piece, sections: [...piece.sections, copy] }, piece.sections.length);
}

/** The sections before one that something can stand on or be laced to. */
export const rowsOf = (piece: Piece, index: number): string[] =>
  piece.sections.slice(0, index).flatMap((one) => (one.craft === "lace" ? [] : [one.id]));

/** The last two sections laced together, with the wire that weaves the last woven one, or a fine one of its own. */
export function withLacing(piece: Piece, starts: Record<string, Piece>): Piece {
  const rows = rowsOf(piece, piece.sections.length).slice(-2);
  const [id] = fresh(
    piece.sections.map((one) => one.id),
    "s",
  );
  const [own] = fresh(
    piece.wires.map((wire) => wire.id),
    "w",
  );
  const weaving = piece.wires.find((wire) => wire.role === "weaving");
  const fine = starts.earring!.wires.find((wire) => wire.role === "weaving")!;
  const wires = weaving ? piece.wires : ([...piece.wires, { ...fine, id: own! }] as Piece["wires"]);
  const lace = { id: id!, craft: "lace", base: [], weaving: [weaving?.id ?? own!], rows, places: 1, wraps: 3 };
  return { ...piece, wires, sections: [...piece.sections, lace as unknown as Part] };
}

/** Without a section; those that stood on it stand alone. */
export function withoutSection(piece: Piece, index: number): Piece {
  const gone = piece.sections[index]!.id;
  const sections = piece.sections
    .filter((one, i) => i !== index && !(one.craft === "lace" && one.rows.includes(gone)))
    .map((one) =>
      one.craft !== "lace" && one.at && "section" in one.at && one.at.section === gone
        ? { ...one, at: { kind: "first", turn: 0 } }
        : one,
    );
  return tidy({ ...piece, sections: sections as Part[] });
}

/** Where a section's wires have no ending yet: its side and its wires. */
export function openEnds(piece: Piece): { side: "start" | "end"; section: string; wires: string[] }[] {
  return (["start", "end"] as const)
    .flatMap((side) =>
      piece.sections.map((one, i) => {
        const others = side === "end" ? piece.sections.slice(i + 1) : piece.sections.slice(0, i);
        const wires = one.base.filter(
          (id) =>
            !others.some((other) => other.base.includes(id)) &&
            !piece.endings.some((ending) => ending.side === side && ending.wires.includes(id)),
        );
        return { side, section: one.id, wires };
      }),
    )
    .filter((end) => end.wires.length > 0);
}

export function withEndingAdded(piece: Piece, side: "start" | "end", wires: string[], kind: string): Piece {
  const model = named(choices().endings, kind);
  const [id] = fresh(
    piece.endings.map((one) => one.id),
    "e",
  );
  const ending = { id, kind, side, wires: model.wires === "one" ? wires.slice(0, 1) : wires, ...model.start };
  return { ...piece, endings: [...piece.endings, ending as unknown as Ending] };
}

export const withoutEnding = (piece: Piece, id: string): Piece => ({
  ...piece,
  endings: piece.endings.filter((one) => one.id !== id),
});
