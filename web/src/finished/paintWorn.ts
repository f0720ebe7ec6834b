import type { Picture } from "../generated/picture";
import { acrossRange } from "../strip/ranges";
import { paintStrip, type View } from "../strip/paint";

/** How a strip is worn: its centre line once round, in mm. */
export interface Round {
  round_mm: number;
}

/** Looked at from somewhat above: how far the far side stands higher than the near one, as a share of what it is across. */
const TILT = 0.3;
const LEAN = Math.sqrt(1 - TILT ** 2);
const MARGIN_MM = 1.5;
/** The inside of the far half lies in the shade. */
const SHADE = 0.3;

/** How large a strip that is so much across is drawn as it is worn, in mm: [across, down]. */
export function wornSize(across_mm: number, { round_mm }: Round): [number, number] {
  const radius = round_mm / (2 * Math.PI);
  return [2 * (radius + MARGIN_MM), across_mm * LEAN + 2 * radius * TILT + 2 * MARGIN_MM];
}

/** One face of the whole strip, drawn flat at a scale in device pixels to a mm. */
function flat(picture: Picture, face: View["face"], hand: View["hand"], scale: number): HTMLCanvasElement {
  const [low, high] = acrossRange(picture);
  const [from, to] = picture.y_range as [number, number];
  const canvas = document.createElement("canvas");
  canvas.width = Math.ceil((to - from) * scale);
  canvas.height = Math.ceil((high - low) * scale);
  const left = hand === "left" ? -to : from;
  const view = { scale, left, width: canvas.width, height: canvas.height, face, hand, across: (low + high) / 2 };
  paintStrip(canvas.getContext("2d")!, picture, view);
  return canvas;
}

/**
 * Draws a strip as it is worn, its opening at the back: the flat strip is laid round a cylinder a column of pixels at a
 * time, the far half seen from its inside.
 */
export function paintWorn(
  ctx: CanvasRenderingContext2D,
  picture: Picture,
  round: Round,
  { width, height, scale, hand }: { width: number; height: number; scale: number; hand: View["hand"] },
): void {
  const ratio = ctx.canvas.width / width;
  const px = scale * ratio;
  const [low, high] = acrossRange(picture);
  const radius = round.round_mm / (2 * Math.PI);
  const [from, to] = picture.y_range as [number, number];
  const reach = Math.min((to - from) / 2, Math.PI * radius * 1.05);
  const tall = (high - low) * px * LEAN;
  const [middleX, middleY] = [(width * ratio) / 2, (height * ratio) / 2];
  ctx.setTransform(1, 0, 0, 1, 0, 0);
  ctx.clearRect(0, 0, ctx.canvas.width, ctx.canvas.height);
  for (const face of ["back", "front"] as const) {
    const strip = flat(picture, face, hand, px);
    const near = face === "front" ? 1 : -1;
    for (let column = Math.ceil(-radius * px); column < radius * px; column++) {
      const angle = Math.asin((column + 0.5) / (radius * px));
      const along = (face === "front" ? angle : (angle < 0 ? -Math.PI : Math.PI) - angle) * radius;
      if (Math.abs(along) > reach || Number.isNaN(angle)) continue;
      const y = middleY + near * Math.cos(angle) * radius * px * TILT;
      const source = Math.min(Math.max(strip.width / 2 + along * px, 0), strip.width - 1);
      ctx.setTransform(1, 0, 0, near, middleX + column, y);
      ctx.globalAlpha = 1;
      ctx.drawImage(strip, source, 0, 1, strip.height, 0, -tall / 2, 1, tall);
    }
    if (near < 0) shade(ctx);
  }
  ctx.globalAlpha = 1;
  ctx.setTransform(ratio, 0, 0, ratio, 0, 0);
}

/** What is drawn so far lies in the shade. */
function shade(ctx: CanvasRenderingContext2D) {
  ctx.setTransform(1, 0, 0, 1, 0, 0);
  ctx.globalCompositeOperation = "source-atop";
  ctx.fillStyle = `rgb(0 0 0 / ${SHADE})`;
  ctx.fillRect(0, 0, ctx.canvas.width, ctx.canvas.height);
  ctx.globalCompositeOperation = "source-over";
}
