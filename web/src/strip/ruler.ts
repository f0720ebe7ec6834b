import type { View } from "./paint";

const MM_PER_INCH = 25.4;
/** Label steps to choose from, in the unit's own terms. */
const STEPS = { mm: [1, 2, 5, 10, 20, 50, 100], in: [0.125, 0.25, 0.5, 1, 2, 5] };

interface Inks {
  line: string;
  text: string;
}

/**
 * Draws a ruler along the lower edge in the maker's unit, its zero at the start of the weave. Ticks are as fine as
 * they can be told apart.
 */
export function paintRuler(ctx: CanvasRenderingContext2D, view: View, units: "mm" | "in", inks: Inks): void {
  const unit = units === "in" ? MM_PER_INCH : 1;
  const px = view.scale * unit;
  const labelEvery = STEPS[units].find((step) => step * px >= 46) ?? STEPS[units].at(-1)!;
  const divisions = units === "in" ? [1 / 16, 1 / 8, 1 / 4, 1 / 2, 1] : [0.1, 0.5, 1, 5, 10, 50];
  const tick = divisions.find((step) => step * px >= 4) ?? labelEvery;
  const first = Math.ceil(view.left / unit / tick);
  const last = Math.floor((view.left + view.width / view.scale) / unit / tick);
  const along = view.hand === "left" ? -1 : 1;

  ctx.strokeStyle = inks.line;
  ctx.fillStyle = inks.text;
  ctx.lineWidth = 1;
  ctx.font = "12px 'Source Sans 3 Variable', sans-serif";
  ctx.textAlign = "center";
  ctx.beginPath();
  for (let i = first; i <= last; i++) {
    const value = i * tick;
    const x = Math.round((value * unit - view.left) * view.scale) + 0.5;
    const labelled = Math.abs(value / labelEvery - Math.round(value / labelEvery)) < 1e-6;
    ctx.moveTo(x, view.height - 14);
    ctx.lineTo(x, view.height - 14 - (labelled ? 9 : 5));
    if (labelled) ctx.fillText(String(Number((along * value).toFixed(3))), x, view.height - 2);
  }
  ctx.stroke();
}
