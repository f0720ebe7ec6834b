import type { Group, Placed, Ready } from "../finished/finishedPictures";
import { PLACE } from "../finished/place";
import { placesWithin } from "../finished/placesWithin";
import type { Picture } from "../generated/picture";
import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";

export type Made = Plan["order"][number]["makes"][number];
type Beads = Plan["beads"]["drawn"];
/** From which share of a section's passes to which. */
type Span = [number, number];

/** What some steps have made: ids of wires and of what ends them or hangs on them; how much of each section is woven. */
class Stand {
  readonly ids: Set<string>;
  private readonly spans = new Map<string, Span>();

  constructor(private readonly made: Made[]) {
    this.ids = new Set(made.filter((one) => one.of !== "weave").map((one) => one.id));
    for (const { of, id, from, to, all } of made)
      if (of === "weave") this.spans.set(id, [this.spans.get(id)?.[0] ?? from / all, to / all]);
  }

  span(section: string | null): Span {
    return this.spans.get(section ?? "") ?? [0, 0];
  }

  /** Passes of a section, or of the only one. */
  passes(section?: string): number {
    const woven = this.made.filter((one) => one.of === "weave" && (section === undefined || one.id === section));
    return woven.reduce((most, one) => Math.max(most, one.to), 0);
  }

  /** Are all passes made? */
  get closed(): boolean {
    return this.made.some((one) => one.of === "weave" && one.to === one.all);
  }
}

/** What is put in many places, in some of them: those of so much of all stitches. */
function partOf(group: Group, [from, to]: Span): Group[] {
  const at = group.at!;
  const most = Math.max(...at.filter((_, i) => i % PLACE === PLACE - 1), 1);
  const kept = placesWithin(at, from * most, to * most);
  return kept.length ? [{ ...group, at: kept }] : [];
}

/** How a piece stands after each of its steps. */
export class Stands {
  private readonly base: Set<string>;
  private readonly ends: Set<string>;
  /** Of every placement of beads its id and its section. */
  private readonly placements: { id: string; section: string }[];

  constructor(plan: Plan, piece: Piece) {
    const made = plan.order.flatMap((step) => step.makes);
    const ids = (of: Made["of"]) => new Set(made.filter((one) => one.of === of).map((one) => one.id));
    this.base = ids("wire");
    this.ends = ids("end");
    this.placements = (piece.beads ?? []).map(({ id, section }) => ({ id, section }));
  }

  /** A finished piece as far as it is made. */
  piece(whole: Ready, made: Made[]): Ready {
    const stand = new Stand(made);
    return { ...whole, placed: this.placed(whole.placed, stand), beads: this.beads(whole.beads, stand) };
  }

  /** Only what is made, behind everything, as light of a colour so many mm round it. */
  light(whole: Ready, made: Made[], colour: string, mm: number): Placed[] {
    return this.placed(whole.placed, new Stand(made)).map((one) => {
      const groups = one.picture.groups.map((group) => ({ ...group, layer: 0, d: group.d + mm }));
      const tone = [0, 1, 2, 3].map(() => [colour, 1, 0]);
      const tones = Object.fromEntries(groups.map((group) => [group.wire, tone]));
      return { ...one, picture: { ...one.picture, groups, tones } };
    });
  }

  /** A strip as far as it is made, and how many passes of it; all of them once it is closed. */
  strip(whole: Picture, made: Made[]): { picture: Picture; made?: number } {
    const stand = new Stand(made);
    const strands = whole.strands.filter((one) => this.isThere(one.of, one.wire, stand) ?? true);
    const picture = { ...whole, strands, beads: this.beads(whole.beads, stand) };
    return stand.closed ? { picture } : { picture, made: stand.passes() };
  }

  private placed(placed: Placed[], stand: Stand): Placed[] {
    return placed.map((one) => {
      const groups = one.picture.groups.flatMap((group) => this.part(group, one.section, stand));
      return { ...one, picture: { ...one.picture, groups } };
    });
  }

  /** What is there of a group of lines: all, nothing, or of the passes of a weave those that are made. */
  private part(group: Group, section: string | null, stand: Stand): Group[] {
    const there = this.isThere(group.of, group.wire, stand);
    if (there !== undefined) return there ? [group] : [];
    if (group.at) return partOf(group, stand.span(section));
    const [from, to] = stand.span(section).map((share) => Math.round(share * group.lines.length)) as Span;
    if (to - from === group.lines.length) return [group];
    return to > from ? [{ ...group, lines: group.lines.slice(from, to) }] : [];
  }

  /** Undefined for working wire in a weave. */
  private isThere(of: string | null, wire: string, stand: Stand): boolean | undefined {
    if (of !== null) return stand.ids.has(of) || !this.ends.has(of);
    return this.base.has(wire) ? stand.ids.has(wire) : undefined;
  }

  private beads(drawn: Beads, stand: Stand): Beads {
    const set = drawn.set.filter((row) => {
      const placement = this.placements[row[7]!];
      if (!placement) return true;
      if (this.ends.has(placement.id)) return stand.ids.has(placement.id);
      return row[6]! < stand.passes(placement.section);
    });
    return { ...drawn, set };
  }
}
