import { paintBeads } from "../beads/paintBeads";
import type { Plan } from "../generated/plan";
import type { Finished, Group, Placed } from "./finishedPictures";
import type { LitVisit } from "../wires/useLit";
import type { Near } from "./useNear";
import { PLACE, TURN } from "./place";
import { isStamped, paintStamped } from "./sprites";

/** What is seen of a finished piece, and how. */
export interface FinishedView {
  /** Pixels per mm. */
  scale: number;
  width: number;
  height: number;
  face: "front" | "back";
  hand: "right" | "left";
  /** The piece's extent in mm: [[x, x], [y, y]]. */
  extent: number[][];
  /** Laid along the page: its length from left to right. */
  lying: boolean;
  /** A section that stands out; the others are paler. */
  section: string | null;
  /** Whether it begins at the left instead of standing in the middle; whether it is its mirror image. */
  left: boolean;
  mirrored?: boolean;
  near: Near;
  beads: Plan["beads"]["drawn"];
  /** Wires that stand out, where there are any; all else is faint. */
  wires: string[];
  /** Where they lie, by the number on their way. */
  visits: LitVisit[];
}

/** How strongly sections are drawn that are not in hand. */
const OTHERS = 0.62;
/** How strongly all is drawn but wires that are lit. */
const FAINT = 0.16;
/** A visit's number in its disc, in pixels. */
const DISC_PX = 10;
/** Pixels per mm at the most. */
const NEAREST = 26;
/** Below so many pixels a wire is a dark line and a light one. */
const THIN_PX = 2.2;
/** Points of a line nearer to each other than so many pixels are one point. */
const LEAST_PX = 0.5;
/** One path of all would take a canvas long: so many places are drawn at once. */
const AT_ONCE = 40;
const paths = new WeakMap<Group, Map<number, Path2D[]>>();

/** A line's points that are further apart than `least`, its ends with them. */
function thinned(line: number[], least: number): number[] {
  let [x, y] = [line[0]!, line[1]!];
  const kept = [x, y];
  for (let i = 2; i < line.length; i += 2) {
    const [toX, toY] = [line[i]!, line[i + 1]!];
    if (i < line.length - 2 && Math.abs(toX - x) + Math.abs(toY - y) < least) continue;
    kept.push(toX, toY);
    [x, y] = [toX, toY];
  }
  return kept;
}
/** Lines wherever they are put. */
function put(path: Path2D, lines: number[][], at: number[]) {
  for (let i = 0; i < at.length; i += PLACE) {
    const [x, y, turn] = [at[i]!, at[i + 1]!, at[i + 2]! / TURN];
    const [cos, sin] = turn ? [Math.cos(turn), Math.sin(turn)] : [1, 0];
    for (const line of lines) {
      path.moveTo(x + line[0]! * cos - line[1]! * sin, y + line[0]! * sin + line[1]! * cos);
      for (let j = 2; j < line.length; j += 2)
        path.lineTo(x + line[j]! * cos - line[j + 1]! * sin, y + line[j]! * sin + line[j + 1]! * cos);
    }
  }
}

/** px: pixels to one step of its lines. Kept for each doubling of it. */
export function pathsOf(group: Group, px: number): Path2D[] {
  const kept = paths.get(group) ?? new Map<number, Path2D[]>();
  paths.set(group, kept);
  const least = 2 ** Math.floor(Math.log2(LEAST_PX / px));
  let found = kept.get(least);
  if (!found) {
    const lines = group.lines.map((line) => thinned(line, least));
    const at = group.at ?? [0, 0, 0, 0];
    found = [];
    for (let i = 0; i < at.length; i += AT_ONCE * PLACE) {
      const path = new Path2D();
      put(path, lines, at.slice(i, i + AT_ONCE * PLACE));
      found.push(path);
    }
    kept.set(least, found);
  }
  return found;
}

/** From the finished piece to the page: hung as it is worn, or lying along the page. */
export function pageOf(view: FinishedView): DOMMatrix {
  const [[x0, x1], [y0, y1]] = view.extent as [[number, number], [number, number]];
  const turnedOver = (view.face === "back") !== (view.hand === "left");
  const flip = turnedOver !== (view.mirrored ?? false) ? -1 : 1;
  const middle = new DOMMatrix([1, 0, 0, 1, -(x0 + x1) / 2, -(y0 + y1) / 2]);
  const turned = view.lying ? new DOMMatrix([0, -1, 1, 0, 0, 0]) : new DOMMatrix();
  const mirror = new DOMMatrix(view.lying ? [1, 0, 0, flip, 0, 0] : [flip, 0, 0, 1, 0, 0]);
  const shown = view.lying ? y1 - y0 : x1 - x0;
  const middleX = view.left ? (view.scale * (shown + 2)) / 2 + 4 : view.width / 2;
  const { k, x, y } = view.near;
  return new DOMMatrix([k, 0, 0, k, (1 - k) * (view.width / 2) + x, (1 - k) * (view.height / 2) + y])
    .multiply(new DOMMatrix([view.scale, 0, 0, view.scale, middleX, view.height / 2]))
    .multiply(mirror)
    .multiply(turned)
    .multiply(middle);
}

export const standing = ([x, y, turn, side]: Placed["pose"], unit: number) =>
  new DOMMatrix([
    side * Math.cos(turn) * unit,
    -side * Math.sin(turn) * unit,
    Math.sin(turn) * unit,
    Math.cos(turn) * unit,
    x,
    y,
  ]);

const LONG_MM = 90;
/** A long piece much longer than wide lies along the page; others hang as they are worn. */
export const liesDown = (extent: number[][]) => {
  const [w, h] = extent.map(([low, high]) => high! - low!) as [number, number];
  return h > 3.2 * w && h > LONG_MM;
};

/** How big a piece is drawn to fit a box, and whether it lies along it. */
export function fitted(extent: number[][], width: number, height: number, scale: number | undefined) {
  const margin = scale ? 4 : 24;
  const [w, h] = extent.map(([low, high]) => high! - low! + 2) as [number, number];
  const lying = liesDown(extent);
  const [across, down] = lying ? [h, w] : [w, h];
  const fit = Math.min((width - 2 * margin) / across, (height - 2 * margin) / down, NEAREST);
  return { lying, scale: Math.min(scale ?? NEAREST, fit), down };
}

/** How wide a piece is drawn at a scale, in pixels. */
export const finishedWidth = (extent: number[][], scale: number) => {
  const [w, h] = extent.map(([low, high]) => high! - low! + 2) as [number, number];
  return Math.ceil((liesDown(extent) ? h : w) * scale) + 8;
};

/** How high a piece is drawn at a scale, in pixels. */
export const finishedHeight = (extent: number[][], scale: number) =>
  Math.ceil(fitted(extent, Infinity, Infinity, scale).down * scale) + 12;

/** A group of lines where it stands on the page, and how strongly it is drawn. */
interface Drawn {
  picture: Finished;
  group: Group;
  on: DOMMatrix;
  alpha: number;
}
/** Lines of one wire, tone by tone, so that it goes on into what it is bent to without a seam. */
function paintWire(ctx: CanvasRenderingContext2D, drawn: Drawn[], scale: number) {
  const [{ picture, group, alpha }] = drawn as [Drawn];
  const thin = group.d * scale < THIN_PX;
  const tones = picture.tones[group.wire] as [string, number, number][];
  const px = scale * (ctx.canvas.width / ctx.canvas.clientWidth || 1);
  ctx.globalAlpha = alpha;
  ctx.lineJoin = thin ? "bevel" : "round";
  ctx.lineCap = thin ? "butt" : "round";
  for (const [tone, share, offset] of thin ? [tones[0]!, tones[2]!] : tones) {
    const shift = -group.d * offset * px;
    ctx.strokeStyle = tone;
    ctx.lineWidth = (group.d * share) / picture.finest_mm;
    for (const { on, group } of drawn) {
      ctx.setTransform(on.a, on.b, on.c, on.d, on.e + shift, on.f + shift);
      for (const path of pathsOf(group, px * picture.finest_mm)) ctx.stroke(path);
    }
  }
}

/** How strongly a wire of a section is drawn. */
function strength(view: FinishedView, section: string | null, wire: string): number {
  if (view.wires.length) return view.wires.includes(wire) ? 1 : FAINT;
  return view.section === null || section === null || section === view.section ? 1 : OTHERS;
}

/** Draws a finished piece layer by layer through all its sections. */
export function paintFinished(ctx: CanvasRenderingContext2D, placed: Placed[], view: FinishedView): void {
  const ratio = ctx.canvas.width / view.width;
  const page = new DOMMatrix([ratio, 0, 0, ratio, 0, 0]).multiply(pageOf(view));
  ctx.setTransform(1, 0, 0, 1, 0, 0);
  ctx.clearRect(0, 0, ctx.canvas.width, ctx.canvas.height);
  ctx.save();
  const back = view.face === "back";
  const order = back ? placed.toReversed() : placed;
  const hidden = back ? 1 : -1;
  paintBeads(ctx, view.beads, page, (face) => face === hidden);
  const scale = view.scale * view.near.k;
  const stamped = new Set(order.filter(({ picture }) => isStamped(picture, scale * ratio)));
  for (const one of stamped) {
    ctx.globalAlpha = strength(view, one.section, one.picture.groups[0]!.wire);
    const on = page.multiply(standing(one.pose, one.picture.finest_mm));
    paintStamped(ctx, one.picture, on, scale * ratio * one.picture.finest_mm);
  }
  const layers = [...new Set(placed.flatMap(({ picture }) => picture.groups.map((group) => group.layer)))];
  layers.sort((one, other) => (back ? other - one : one - other));
  const all = order.flatMap((one): Drawn[] => {
    const on = page.multiply(standing(one.pose, one.picture.finest_mm));
    return one.picture.groups
      .filter((group) => !(group.at && stamped.has(one)))
      .map((group) => ({ ...one, group, on, alpha: strength(view, one.section, group.wire) }));
  });
  const byLayer = Map.groupBy(all, ({ group }) => group.layer);
  for (const layer of layers) {
    const wires = Map.groupBy(byLayer.get(layer) ?? [], ({ group, alpha }) => `${group.wire} ${group.d} ${alpha}`);
    for (const drawn of wires.values()) paintWire(ctx, drawn, scale);
  }
  ctx.globalAlpha = 1;
  paintBeads(ctx, view.beads, page, (face) => face !== hidden);
  ctx.restore();
  ctx.setTransform(ratio, 0, 0, ratio, 0, 0);
  for (const { x, y, words } of discs(view)) paintDisc(ctx, x, y, words);
}

/** Where visits' numbers stand on the page; those that would cover each other stand in one disc. */
function discs(view: FinishedView): { x: number; y: number; words: string }[] {
  const page = pageOf(view);
  const found: { x: number; y: number; words: string }[] = [];
  for (const { number, at } of view.visits) {
    const { x, y } = page.transformPoint(new DOMPoint(at[0], at[1]));
    const near = found.find((one) => Math.hypot(one.x - x, one.y - y) < 2 * DISC_PX);
    if (near) near.words += `, ${number}`;
    else found.push({ x, y, words: String(number) });
  }
  return found;
}

function paintDisc(ctx: CanvasRenderingContext2D, x: number, y: number, words: string) {
  ctx.font = `bold ${1.3 * DISC_PX}px sans-serif`;
  const half = Math.max(DISC_PX, ctx.measureText(words).width / 2 + 5);
  ctx.fillStyle = "#1d6b5c";
  ctx.beginPath();
  ctx.roundRect(x - half, y - DISC_PX, 2 * half, 2 * DISC_PX, DISC_PX);
  ctx.fill();
  ctx.fillStyle = "#ffffff";
  ctx.textAlign = "center";
  ctx.textBaseline = "middle";
  ctx.fillText(words, x, y + 1);
}
