import { computed, type Ref } from "vue";
import { api, type OwnWeave, type Sample, type Strip } from "../api/client";
import type { Bench } from "../bench/useBench";
import { section as woven, type Section, withSample } from "../bench/weave";
import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";

const wiresOf = (section: Section) => [...section.base, ...section.weaving];

/** A woven section as a band by itself: its wires alone, in the order it has them. */
function alone(piece: Piece, id: string): Piece {
  const section = piece.sections.find((one) => one.id === id) as Section;
  const wires = wiresOf(section).map((wire) => piece.wires.find((one) => one.id === wire)!);
  return { ...piece, wires, sections: [section], endings: [], pins: [] };
}

/** Are two bands of the same parts? Lists are compared item by item. */
function alike(one: Piece, other: Piece): boolean {
  const same = (a: unknown, b: unknown) =>
    Array.isArray(a) && Array.isArray(b) ? a.length === b.length && a.every((item, i) => item === b[i]) : a === b;
  return (Object.keys(one) as (keyof Piece)[]).every((key) => same(one[key], other[key]));
}

/** The piece with a section and its wires as they became; wires nothing uses any more are gone, with what was bent of them. */
function together(piece: Piece, id: string, changed: Piece): Piece {
  const sections = piece.sections.map((one) => (one.id === id ? { ...changed.sections[0]! } : one));
  const used = new Set(sections.flatMap((one) => (one.craft === "bend" ? one.base : [...one.base, ...one.weaving])));
  for (const placed of piece.beads) if ("weaving" in placed) used.add(placed.weaving);
  for (const ending of piece.endings) if (ending.kind === "fold" && ending.cover) used.add(ending.cover);
  const now = new Map(changed.wires.map((wire) => [wire.id, wire]));
  const old = new Set(piece.wires.map((wire) => wire.id));
  const wires = [
    ...piece.wires.map((wire) => now.get(wire.id) ?? wire),
    ...changed.wires.filter((wire) => !old.has(wire.id)),
  ].filter((wire) => used.has(wire.id));
  const endings = piece.endings.filter((ending) => ending.wires.every((wire) => used.has(wire)));
  return { ...piece, sections, wires, endings, weaves: changed.weaves };
}

/**
 * A bench for one woven section of a piece: what is shown and changed on it is that section, so that everything made for a band
 * works for it too.
 */
export function createSectionBench(whole: Bench, id: string): Bench {
  const place = (piece: Piece) => piece.sections.findIndex((one) => one.id === id);
  const here = (piece: Piece | null) => (piece && place(piece) >= 0 ? alone(piece, id) : null);
  // Nothing of the strip is drawn again while only other sections change.
  const draft = computed<Piece | null>((old) => {
    const next = here(whole.draft.value);
    return old && next && alike(old, next) ? old : next;
  });
  const stripIn = (plan?: Plan) => plan?.sections.find((one) => one.id === id)?.strip as Strip;
  const strip = computed(() => stripIn(whole.answer.value?.plan));
  const answer = computed(() => {
    const found = whole.answer.value;
    return found && strip.value ? { document: here(found.document)!, plan: found.plan } : null;
  });
  /** A pointer into the section by itself as one into the piece. */
  const outside = (path: string) => {
    const piece = whole.draft.value!;
    const wire = /^\/wires\/(\d+)(.*)$/.exec(path);
    if (!wire) return path.replace("/sections/0", `/sections/${place(piece)}`);
    const id = draft.value!.wires[Number(wire[1])]!.id;
    return `/wires/${piece.wires.findIndex((one) => one.id === id)}${wire[2]}`;
  };
  const joined = (document: Piece) => together(whole.draft.value!, id, document);
  return {
    ...whole,
    draft: draft as Readonly<Ref<Piece | null>>,
    answer: answer as Bench["answer"],
    asked: (document) => ({ document: joined(document), section: id }),
    strip,
    tried: async (document) => {
      const { plan } = await api.plan(joined(document));
      return { plan, strip: stripIn(plan) };
    },
    edit: (paths, value) => whole.edit([paths].flat().map(outside), value),
    change: (document, step) => whole.change(joined(document), step),
    take: (planned, change) => whole.take(planned, (document) => together(document, id, change(alone(document, id)))),
    withCoils: (piece) => ({
      ...piece,
      sections: [{ ...woven(piece), pattern: woven(whole.catalogue.value!.starts.cuff).pattern }],
    }),
    woven: (sample: Sample, own?: OwnWeave) => {
      const piece = draft.value!;
      const { spacing } = woven(piece);
      const mm = answer.value!.document.wires.find((wire) => wire.id === woven(piece).weaving[0])!.size.mm ?? 0;
      const made = withSample(piece, sample, mm);
      const framed = (woven(piece).form?.kind ?? "straight") !== "straight" && sample.base === 2;
      return {
        ...made,
        sections: [{ ...woven(made), ...(framed ? { spacing } : {}) }],
        weaves: own ? [own] : [],
      };
    },
    value: (path) => whole.value(outside(path)),
    read: (path) => whole.read(outside(path)),
    faultAt: (path) => whole.faultAt(outside(path)),
    adviceAt: (path) => whole.adviceAt(outside(path)),
  };
}
