import type { Picture } from "../generated/picture";
import { passPoints, type View } from "./paint";
import type { Found } from "./usePlayer";

const along = (view: View) => (view.hand === "left" ? -1 : 1);
const NAMES = { start: "start", middle: "middle", end: "end", join: "join" };

/** Wipes a sheet that is drawn on anew, and sets it to the screen's own pixels. */
export function clearSheet(ctx: CanvasRenderingContext2D): void {
  const ratio = window.devicePixelRatio || 1;
  ctx.setTransform(1, 0, 0, 1, 0, 0);
  ctx.clearRect(0, 0, ctx.canvas.width, ctx.canvas.height);
  ctx.setTransform(ratio, 0, 0, ratio, 0, 0);
}

/** Small flags over the strip: where the weave starts, its middle, its end, and where lengths are joined. */
export function paintMarks(ctx: CanvasRenderingContext2D, picture: Picture, view: View, ink: string): void {
  ctx.fillStyle = ink;
  ctx.font = "600 12px 'Source Sans 3 Variable', sans-serif";
  ctx.textAlign = "center";
  for (const mark of picture.marks) {
    const x = (along(view) * mark.at - view.left) * view.scale;
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
    const side = (mark.kind === "start" || mark.kind === "middle" ? 1 : -1) * along(view);
    ctx.textAlign = side > 0 ? "left" : "right";
    ctx.fillText(name, x + side * 9, 10);
  }
}

/** The pass just made, in full where it is seen and dotted where it lies behind, and the end of the wire. */
export function paintMove(ctx: CanvasRenderingContext2D, picture: Picture, view: View, move: Found, ink: string): void {
  const face = view.face === "back" ? -1 : 1;
  const px = (y: number) => (along(view) * (y + move.at) - view.left) * view.scale;
  const py = (x: number) => view.height / 2 + view.scale * face * (view.across - x);
  const points = passPoints(picture, move.row);
  const width = Math.min(Math.max((picture.wire_mm * view.scale) / 3, 2), 7);
  ctx.save();
  ctx.strokeStyle = ctx.fillStyle = ink;
  ctx.lineWidth = width;
  ctx.lineCap = ctx.lineJoin = "round";
  if (move.shape.face !== face) ctx.setLineDash([1, width * 2]);
  ctx.beginPath();
  points.forEach(([y, x], i) => (i ? ctx.lineTo(px(y), py(x)) : ctx.moveTo(px(y), py(x))));
  ctx.stroke();
  const [y, x] = points.at(-1)!;
  ctx.beginPath();
  ctx.arc(px(y), py(x), width * 1.3, 0, 2 * Math.PI);
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
