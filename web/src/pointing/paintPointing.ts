import type { Picture } from "../generated/picture";
import { projection } from "../strip/overlays";
import type { View } from "../strip/paint";
import { groupsWithin } from "./groups";
import type { Pointing } from "./usePointing";

interface Inks {
  mark: string;
}

/** How far a frame stands off what it frames, in weaving wires. */
const MARGIN = 0.9;

/** Frames the chosen group in the repeats that are seen, and shows what the pointer would do. */
export function paintPointing(
  ctx: CanvasRenderingContext2D,
  picture: Picture,
  view: View,
  pointing: Pointing,
  inks: Inks,
): void {
  const { along, px, py } = projection(view);
  const seen = [along * view.left, along * (view.left + view.width / view.scale)];
  const frame = (from: number, to: number, low: number, high: number, width: number) => {
    const [x, y] = [Math.min(px(from), px(to)), Math.min(py(low), py(high))];
    ctx.beginPath();
    ctx.roundRect(x, y, Math.abs(px(to) - px(from)), Math.abs(py(high) - py(low)), 5);
    ctx.lineWidth = width;
    ctx.stroke();
  };
  ctx.save();
  ctx.strokeStyle = ctx.fillStyle = inks.mark;
  const margin = picture.wire_mm * MARGIN;
  for (const one of groupsWithin(picture, pointing.groups.value, Math.min(...seen), Math.max(...seen)))
    if (one.index === pointing.selected.value) frame(one.from, one.to, one.low - margin, one.high + margin, 2.5);

  const { gesture, hover } = pointing;
  const wires = gesture.value?.span ?? (hover.value ? [hover.value, hover.value] : null);
  if (wires && !gesture.value?.counting) paintSpan(ctx, picture, view, wires, gesture.value?.along);
  ctx.restore();
}

/** The base wires wraps would go round, and where along the strip they would be added. */
function paintSpan(
  ctx: CanvasRenderingContext2D,
  picture: Picture,
  view: View,
  wires: number[],
  along: number | undefined,
): void {
  const { face, px, py } = projection(view);
  const margin = picture.wire_mm * MARGIN;
  const xs = wires.map((wire) => picture.centres[wire - 1]!);
  const [low, high] = [py(Math.min(...xs) - margin), py(Math.max(...xs) + margin)];
  const top = Math.min(low, high);
  ctx.globalAlpha = 0.22;
  ctx.fillRect(0, top, view.width, Math.abs(high - low));
  ctx.globalAlpha = 1;
  if (along === undefined) return;
  ctx.fillRect(px(along) - 1.5, top, 3, Math.abs(high - low));
  ctx.beginPath();
  ctx.arc(px(along), face === 1 ? low : high, 6, 0, 2 * Math.PI);
  ctx.fill();
}
