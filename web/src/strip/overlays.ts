import type { Picture } from "../generated/picture";
import type { View } from "./paint";
import { type Found, passPoints } from "./passes";

const NAMES = { start: "start", middle: "middle", end: "end", join: "join" };

/** From places on the piece, in mm, to places on the screen, and whether a face is the near one. */
export function projection(view: View) {
  const along = view.hand === "left" ? -1 : 1;
  const face = view.face === "back" ? -1 : 1;
  return {
    along,
    face,
    px: (y: number) => (along * y - view.left) * view.scale,
    py: (x: number) => view.height / 2 + view.scale * face * (view.across - x),
    /** And back. */
    y: (px: number) => along * (px / view.scale + view.left),
    x: (py: number) => view.across - (face * (py - view.height / 2)) / view.scale,
  };
}

/** Wipes a sheet that is drawn on anew, and sets it to the screen's own pixels. */
export function clearSheet(ctx: CanvasRenderingContext2D): void {
  const ratio = window.devicePixelRatio || 1;
  ctx.setTransform(1, 0, 0, 1, 0, 0);
  ctx.clearRect(0, 0, ctx.canvas.width, ctx.canvas.height);
  ctx.setTransform(ratio, 0, 0, ratio, 0, 0);
}

/** Small flags over the strip: where the weave starts, its middle, its end, and where lengths are joined. */
export function paintMarks(ctx: CanvasRenderingContext2D, picture: Picture, view: View, ink: string): void {
  const { along, px } = projection(view);
  ctx.fillStyle = ink;
  ctx.font = "600 12px 'Source Sans 3 Variable', sans-serif";
  for (const mark of picture.marks) {
    const x = px(mark.at);
    ctx.beginPath();
    if (mark.kind === "join") {
      ctx.arc(x, 5, 3, 0, 2 * Math.PI);
    } else {
      ctx.moveTo(x - 5, 1);
      ctx.lineTo(x + 5, 1);
      ctx.lineTo(x, 9);
    }
    ctx.fill();
    const name = NAMES[mark.kind];
    const side = (mark.kind === "start" || mark.kind === "middle" ? 1 : -1) * along;
    ctx.textAlign = side > 0 ? "left" : "right";
    ctx.fillText(name, x + side * 9, 10);
  }
}

/** The first part of a line, as far as a share of its length. */
function firstPart(points: [number, number][], share: number): [number, number][] {
  const steps = points.slice(1).map(([y, x], i) => Math.hypot(y - points[i]![0], x - points[i]![1]));
  let left = share * steps.reduce((sum, step) => sum + step, 0);
  const found = [points[0]!];
  for (const [i, step] of steps.entries()) {
    const [from, to] = [points[i]!, points[i + 1]!];
    const part = step > 0 ? Math.min(left / step, 1) : 1;
    found.push([from[0] + part * (to[0] - from[0]), from[1] + part * (to[1] - from[1])]);
    left -= step;
    if (left <= 0) break;
  }
  return found;
}

/** The pass being made as far as it has grown, in full where it is seen and dotted where it lies behind, and the wire's end. */
export function paintMove(
  ctx: CanvasRenderingContext2D,
  picture: Picture,
  view: View,
  move: Found,
  grown: number,
  ink: string,
): void {
  const { face, px, py } = projection(view);
  const whole = passPoints(picture, move.row).map(([y, x]): [number, number] => [px(y + move.at), py(x)]);
  const points = grown < 1 ? firstPart(whole, grown) : whole;
  const width = Math.min(Math.max((picture.wire_mm * view.scale) / 3, 2), 7);
  ctx.save();
  ctx.strokeStyle = ctx.fillStyle = ink;
  ctx.lineWidth = width;
  ctx.lineCap = ctx.lineJoin = "round";
  if (move.shape.face !== face) ctx.setLineDash([1, width * 2]);
  ctx.beginPath();
  points.forEach(([x, y], i) => (i ? ctx.lineTo(x, y) : ctx.moveTo(x, y)));
  ctx.stroke();
  const [x, y] = points.at(-1)!;
  ctx.beginPath();
  ctx.arc(x, y, width * 1.3, 0, 2 * Math.PI);
  ctx.fill();
  ctx.restore();
}

/** The part of the whole that the loupe shows. */
export function paintWindow(
  ctx: CanvasRenderingContext2D,
  view: View,
  [from, to]: [number, number],
  ink: string,
): void {
  const x = (from - view.left) * view.scale;
  const w = (to - from) * view.scale;
  ctx.strokeStyle = ink;
  ctx.lineWidth = 1.5;
  ctx.beginPath();
  ctx.roundRect(Math.max(x, 1), 13, Math.min(w, view.width - 2), view.height - 42, 4);
  ctx.stroke();
}

const LABEL_PX = 22;
/** Nearer places than this are not numbered each. */
const NUMBERED_PX = 13;

/** Numbers at the left edge, each at its place across the strip. */
export function paintNumbers(
  ctx: CanvasRenderingContext2D,
  view: View,
  places: [number, number][],
  inks: { ground: string; text: string },
): void {
  const { py } = projection(view);
  ctx.save();
  ctx.fillStyle = inks.ground;
  ctx.globalAlpha = 0.85;
  ctx.fillRect(0, 0, LABEL_PX, view.height);
  ctx.globalAlpha = 1;
  ctx.font = "650 13px 'Source Sans 3 Variable', sans-serif";
  ctx.textAlign = "center";
  ctx.textBaseline = "middle";
  ctx.fillStyle = inks.text;
  let last = -Infinity;
  places
    .map(([number, x]) => ({ number, y: py(x) }))
    .sort((a, b) => a.y - b.y)
    .forEach(({ number, y }) => {
      if (y - last < NUMBERED_PX) return;
      ctx.fillText(String(number), LABEL_PX / 2, y);
      last = y;
    });
  ctx.restore();
}

/** The base wires' numbers, near one first. */
export const wireNumbers = (picture: Picture): [number, number][] => picture.centres.map((x, i) => [i + 1, x]);
