import type { Picture } from "../generated/picture";
import { paintBeads } from "../beads/paintBeads";
import { cellPath, createLines, type Lines } from "./lines";

/** What part of a strip is seen, and how. Lengths in mm; `left` counts along the shown direction. */
export interface View {
  /** Pixels per mm. */
  scale: number;
  left: number;
  width: number;
  height: number;
  face: "front" | "back";
  hand: "right" | "left";
  /** The place across the strip that lies at half the height, in mm. */
  across: number;
  /** How many passes are made, in the order of work; all of them where it is left out. */
  made?: number;
}

type Face = 1 | -1;
type Run = { path: Path2D; wire: string; d: number; cap?: CanvasLineCap };
/** Which of a wire's tones are drawn, from its dark edge (0) to its light (3): fewer the less of it shows. */
const FAR = [0, 2];
const NEAR = [0, 1, 2, 3];
const NEAR_SMALL = [0, 2, 3];
const NEAR_THIN = [0, 2];
/** A wire thinner than this many pixels is a dark line and a light one. */
const THIN_PX = 1.5;
interface Prepared {
  /** By how finely they are drawn, then cell, then face. */
  cells: Record<Finely, () => { front: Path2D; back: Path2D }[]>;
  fine: Lines;
  ranges: [number, number][];
  strands: Record<"before" | "level" | "behind", Run[]>;
  rods: Run[];
  whole: Run[];
}

const prepared = new WeakMap<Picture, Prepared>();
/** How far a drawn wire may be off its path, as a share of its diameter: a part of a pixel. */
const OFF_SHARE = { fine: 0.01, middling: 0.04, coarse: 0.12 };
type Finely = keyof typeof OFF_SHARE;
/** Below so many pixels a wire's turns are drawn with fewer points. */
const FINE_FROM_PX = 15;
const MIDDLING_FROM_PX = 5;

/** From the lowest to the highest place of a cell's passes along the strip, in its first copy. */
function cellRange(picture: Picture, cell: number): [number, number] {
  const heights = picture.cells[cell]!.passes.flatMap((row) => row.slice(1).map((y) => y * picture.finest_mm));
  return [heights.reduce((a, b) => Math.min(a, b)), heights.reduce((a, b) => Math.max(a, b))];
}

/** Which copies of a placed cell lie between two places along the strip: [first, last]. */
function copiesWithin(
  place: Picture["placements"][number],
  [low, high]: [number, number],
  from: number,
  to: number,
): [number, number] {
  if (place.count === 1 || place.step === 0) return [0, place.count - 1];
  const ends = [(from - place.at - high) / place.step, (to - place.at - low) / place.step];
  return [Math.max(0, Math.floor(Math.min(...ends))), Math.min(place.count - 1, Math.ceil(Math.max(...ends)))];
}

function strandRuns(picture: Picture): Prepared["strands"] {
  const runs: Prepared["strands"] = { before: [], level: [], behind: [] };
  for (const strand of picture.strands) {
    let layer: keyof typeof runs | null = null;
    let path = new Path2D();
    strand.points.slice(1).forEach((to, i) => {
      const from = strand.points[i]!;
      const z = from[2]! + to[2]!;
      const here = z > 1e-6 ? "before" : z < -1e-6 ? "behind" : "level";
      if (here !== layer) {
        layer = here;
        path = new Path2D();
        path.moveTo(from[1]!, from[0]!);
        runs[here].push({ path, wire: strand.wire, d: strand.d });
      }
      path.lineTo(to[1]!, to[0]!);
    });
  }
  return runs;
}

/** Base wires as they lie in the finished strip, or whole, as they lie until some are cut away. */
function rodRuns(picture: Picture, whole: boolean): Run[] {
  const from = Math.min(...picture.rods.map((rod) => rod.from));
  const to = Math.max(...picture.rods.map((rod) => rod.to));
  const firsts = new Map(picture.rods.map((rod) => [rod.wire, { ...rod, from, to }]));
  return (whole ? [...firsts.values()] : picture.rods).map((rod) => {
    const path = new Path2D();
    path.moveTo(rod.from, rod.x);
    path.lineTo(rod.to, rod.x);
    return { path, wire: rod.wire, d: rod.d, cap: "butt" };
  });
}

function prepare(picture: Picture): Prepared {
  const kept = prepared.get(picture);
  if (kept) return kept;
  const cells = (lines: Lines) => {
    let paths: ReturnType<Prepared["cells"]["fine"]> | null = null;
    const draw = (_: unknown, i: number) => ({
      front: cellPath(picture, i, 1, lines),
      back: cellPath(picture, i, -1, lines),
    });
    return () => (paths ??= picture.cells.map(draw));
  };
  const lines = (finely: Finely) => createLines(picture, OFF_SHARE[finely] * picture.wire_mm);
  const fine = lines("fine");
  const made: Prepared = {
    cells: { fine: cells(fine), middling: cells(lines("middling")), coarse: cells(lines("coarse")) },
    fine,
    ranges: picture.cells.map((_, i) => cellRange(picture, i)),
    strands: strandRuns(picture),
    rods: rodRuns(picture, false),
    whole: rodRuns(picture, true),
  };
  prepared.set(picture, made);
  return made;
}

/** What of the strip is seen: from and to, in mm along it. */
function seen(view: View): [number, number] {
  const along = view.hand === "left" ? -1 : 1;
  const ends = [along * view.left, along * (view.left + view.width / view.scale)];
  return [Math.min(...ends), Math.max(...ends)];
}

/** Every placed cell with the copies of it that are seen. */
export function* seenCells(picture: Picture, view: View) {
  const { ranges } = prepare(picture);
  const [from, to] = seen(view);
  for (const place of picture.placements) {
    const [first, last] = copiesWithin(place, ranges[place.cell]!, from - picture.wire_mm, to + picture.wire_mm);
    if (first <= last) yield { place, first, last };
  }
}

/** Every visible pass of one wire on one face as a single path: passes of one face never cover each other. */
function weavePath(picture: Picture, view: View, wire: string, face: "front" | "back", finely: Finely): Path2D {
  const { cells: drawn, fine: lines } = prepare(picture);
  const cells = drawn[finely]();
  const whole = new Path2D();
  for (const { place, first, last } of seenCells(picture, view)) {
    if (place.wire !== wire) continue;
    const all = picture.cells[place.cell]!.passes.length;
    for (let i = first; i <= last; i++) {
      const rows = view.made === undefined ? all : view.made - place.pass - i * place.every;
      if (rows <= 0) continue;
      const path =
        rows >= all ? cells[place.cell]![face] : cellPath(picture, place.cell, face === "front" ? 1 : -1, lines, rows);
      whole.addPath(path, new DOMMatrix([1, 0, 0, 1, place.at + i * place.step, 0]));
    }
  }
  return whole;
}

/** Draws the strip: what lies behind, the base wires, what lies before them. */
export function paintStrip(ctx: CanvasRenderingContext2D, picture: Picture, view: View): void {
  const ratio = ctx.canvas.width / view.width;
  const face: Face = view.face === "back" ? -1 : 1;
  const along = view.hand === "left" ? -1 : 1;
  const px = picture.wire_mm * view.scale;
  const finely = px >= FINE_FROM_PX ? "fine" : px >= MIDDLING_FROM_PX ? "middling" : "coarse";
  const { strands, ...wires } = prepare(picture);
  const rods = view.made === undefined ? wires.rods : wires.whole;

  /** One tone of one wire. */
  const stroke = ({ path, wire, d, cap = "round" }: Run, depth: number) => {
    const thin = d * view.scale < THIN_PX;
    const [tone, share, offset] = picture.tones[wire]![depth] as [string, number, number];
    const shift = -d * offset * view.scale;
    ctx.lineCap = cap;
    ctx.setTransform(
      ratio * view.scale * along,
      0,
      0,
      -ratio * view.scale * face,
      ratio * (shift - view.left * view.scale),
      ratio * (view.height / 2 + shift + view.scale * face * view.across),
    );
    ctx.strokeStyle = tone;
    ctx.lineWidth = thin ? Math.max(d * share, 0.7 / view.scale) : d * share;
    ctx.stroke(path);
  };
  /** Parts that lie side by side are drawn tone by tone, so that where they meet they are one wire. */
  const thin = px < THIN_PX;
  const layer = (runs: Run[], depths = NEAR) => depths.forEach((depth) => runs.forEach((run) => stroke(run, depth)));
  const woven = [...new Set(picture.placements.map((place) => place.wire))];
  /** While the strip is being made its wire has no end yet. */
  const ends = (runs: Run[]) => (view.made === undefined ? runs : runs.filter((run) => !woven.includes(run.wire)));
  const weave = (side: "front" | "back", depths?: number[]) =>
    layer(
      woven.map((wire) => ({
        path: weavePath(picture, view, wire, side, finely),
        wire,
        d: picture.wire_mm,
        cap: thin ? "butt" : "round",
      })),
      depths ?? (finely !== "coarse" ? NEAR : thin ? NEAR_THIN : NEAR_SMALL),
    );
  const near = face === 1 ? "before" : "behind";
  const far = face === 1 ? "behind" : "before";

  ctx.setTransform(1, 0, 0, 1, 0, 0);
  ctx.clearRect(0, 0, ctx.canvas.width, ctx.canvas.height);
  ctx.save();
  ctx.beginPath();
  ctx.rect(0, 0, ctx.canvas.width, ratio * view.height);
  ctx.clip();
  ctx.lineJoin = finely === "fine" ? "round" : "bevel";
  const on = new DOMMatrix([
    0,
    -ratio * view.scale * face,
    ratio * view.scale * along,
    0,
    -ratio * view.left * view.scale,
    ratio * (view.height / 2 + view.scale * face * view.across),
  ]);
  const made = view.made ?? Infinity;
  const beads = (shown: (side: number) => boolean) =>
    paintBeads(ctx, picture.beads, on, (side, pass) => pass < made && shown(side));
  beads((side) => side === -face);
  weave(face === 1 ? "back" : "front", FAR);
  layer(ends(strands[far]));
  layer(ends([...rods, ...strands.level]));
  weave(face === 1 ? "front" : "back");
  layer(ends(strands[near]));
  beads((side) => side !== -face);
  ctx.restore();
  ctx.setTransform(ratio, 0, 0, ratio, 0, 0);
}
