import type { Picture } from "../generated/picture";
import type { View } from "../strip/paint";
import type { Made } from "./stands";

/** Lays light behind what is drawn already: where passes were made, round ends and round wires; so many mm of it. */
export function lightStrip(
  ctx: CanvasRenderingContext2D,
  picture: Picture,
  made: Made[],
  view: View,
  colour: string,
  mm: number,
): void {
  const ratio = ctx.canvas.width / view.width;
  const scale = view.scale * ratio;
  const along = view.hand === "left" ? -1 : 1;
  const on = new DOMMatrix([
    0,
    -scale,
    scale * along,
    0,
    -view.left * scale,
    ratio * (view.height / 2) + scale * view.across,
  ]);
  const ids = new Set(made.filter((one) => one.of !== "weave").map((one) => one.id));
  ctx.save();
  ctx.globalCompositeOperation = "destination-over";
  ctx.setTransform(on);
  ctx.strokeStyle = ctx.fillStyle = colour;
  ctx.lineCap = ctx.lineJoin = "round";
  const line = (points: number[][], d: number) => {
    ctx.lineWidth = d + mm;
    ctx.beginPath();
    points.forEach(([x, y], i) => (i ? ctx.lineTo(x!, y!) : ctx.moveTo(x!, y!)));
    ctx.stroke();
  };
  const [low, high] = picture.x_range as [number, number];
  for (const { of, along: woven } of made)
    if (of === "weave") ctx.fillRect(low - mm / 2, woven[0]!, high - low + mm, woven[1]! - woven[0]!);
  for (const rod of picture.rods)
    if (ids.has(rod.wire))
      line(
        [
          [rod.x, rod.from],
          [rod.x, rod.to],
        ],
        rod.d,
      );
  for (const strand of picture.strands) if (ids.has(strand.of ?? strand.wire)) line(strand.points, strand.d);
  ctx.restore();
}
