import type { Finished, Group } from "./finishedPictures";
import { PLACE, TURN } from "./place";

/** Many small cells are drawn once and stamped: below so many pixels to a wire, and from so many places on. */
const [THIN_PX, MANY] = [3, 300];
/** A cell larger than this is drawn as it is. */
const MOST_PX = 600;

/** Is a picture stamped at so many pixels to a mm? Then its layers no longer show. */
export const isStamped = (picture: Finished, scale: number): boolean => {
  const placed = picture.groups.filter((group) => group.at);
  return (
    placed.length > 0 &&
    placed[0]!.d * scale < THIN_PX &&
    placed.reduce((sum, group) => sum + group.at!.length, 0) > MANY * PLACE
  );
};

/** Groups that are put in the same places, from the back to the front. */
function cellsOf(picture: Finished): Group[][] {
  const cells = new Map<string, Group[]>();
  for (const group of picture.groups) {
    if (!group.at) continue;
    const key = `${group.at.length} ${group.at.slice(0, 2 * PLACE).join(" ")}`;
    cells.set(key, [...(cells.get(key) ?? []), group]);
  }
  return [...cells.values()];
}

/** The upright box of a cell: [x, y, wide, high], in steps of its lines. */
function boxOf(groups: Group[], finest: number): [number, number, number, number] {
  let [x0, y0, x1, y1] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const { lines, d } of groups) {
    const pad = d / finest;
    for (const line of lines)
      for (let i = 0; i < line.length; i += 2) {
        [x0, x1] = [Math.min(x0, line[i]! - pad), Math.max(x1, line[i]! + pad)];
        [y0, y1] = [Math.min(y0, line[i + 1]! - pad), Math.max(y1, line[i + 1]! + pad)];
      }
  }
  return [x0, y0, x1 - x0, y1 - y0];
}

/** Stamps all that is put in many places. on: from the picture's steps to the page; px: pixels to a step. */
export function paintStamped(ctx: CanvasRenderingContext2D, picture: Finished, on: DOMMatrix, px: number): void {
  for (const groups of cellsOf(picture)) {
    const box = boxOf(groups, picture.finest_mm);
    const sprite = stamp(picture, groups, box, px);
    const { at } = groups[0]!;
    for (let i = 0; i < at!.length; i += PLACE) {
      const turn = at![i + 2]! / TURN;
      const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
      const there = on.multiply(new DOMMatrix([cos, sin, -sin, cos, at![i]!, at![i + 1]!]));
      ctx.setTransform(there);
      ctx.drawImage(sprite, ...box);
    }
  }
}

function stamp(
  picture: Finished,
  groups: Group[],
  [x, y, wide, high]: [number, number, number, number],
  px: number,
): HTMLCanvasElement {
  const canvas = document.createElement("canvas");
  canvas.width = Math.min(Math.max(Math.ceil(wide * px), 1), MOST_PX);
  canvas.height = Math.min(Math.max(Math.ceil(high * px), 1), MOST_PX);
  const ctx = canvas.getContext("2d")!;
  ctx.setTransform(
    canvas.width / wide,
    0,
    0,
    canvas.height / high,
    (-x * canvas.width) / wide,
    (-y * canvas.height) / high,
  );
  ctx.lineCap = "butt";
  ctx.lineJoin = "bevel";
  for (const group of groups) {
    const tones = picture.tones[group.wire] as [string, number, number][];
    const path = new Path2D();
    for (const line of group.lines) {
      path.moveTo(line[0]!, line[1]!);
      for (let i = 2; i < line.length; i += 2) path.lineTo(line[i]!, line[i + 1]!);
    }
    for (const [tone, share] of [tones[0]!, tones[2]!]) {
      ctx.strokeStyle = tone;
      ctx.lineWidth = (group.d * share) / picture.finest_mm;
      ctx.stroke(path);
    }
  }
  return canvas;
}
