import type { Picture } from "../generated/picture";
import { passPoints, seenCells, type View } from "./paint";

interface Inks {
  /** The ground the strip lies on. */
  ground: string;
  line: string;
  text: string;
}
const LABEL_PX = 22;
/** Nearer gaps than this are not numbered each. */
const NUMBERED_PX = 13;

/**
 * Draws the weaving wire's way through the gaps over a paled strip: full lines before the base wires, dashed ones behind
 * them, as seen from the shown face; the gaps are numbered at the left.
 */
export function paintWalk(ctx: CanvasRenderingContext2D, picture: Picture, view: View, inks: Inks): void {
  const along = view.hand === "left" ? -1 : 1;
  const face = view.face === "back" ? -1 : 1;
  const px = (y: number) => (along * y - view.left) * view.scale;
  const py = (x: number) => view.height / 2 + view.scale * face * (view.across - x);

  ctx.save();
  ctx.globalAlpha = 0.68;
  ctx.fillStyle = inks.ground;
  ctx.fillRect(0, 0, view.width, view.height);
  ctx.globalAlpha = 1;
  const lines = { near: new Path2D(), far: new Path2D() };
  for (const { place, first, last } of seenCells(picture, view)) {
    const passes = picture.cells[place.cell]!.passes.map((row) => {
      const points = passPoints(picture, row);
      return { near: picture.shapes[row[0]!]!.face === face, from: points[0]!, to: points.at(-1)! };
    });
    for (let i = first; i <= last; i++) {
      const at = place.at + i * place.step;
      const made = view.made === undefined ? passes.length : view.made - place.pass - i * place.every;
      for (const pass of passes.slice(0, Math.max(made, 0))) {
        const line = pass.near ? lines.near : lines.far;
        line.moveTo(px(pass.from[0] + at), py(pass.from[1]));
        line.lineTo(px(pass.to[0] + at), py(pass.to[1]));
      }
    }
  }
  const width = Math.min(Math.max((picture.wire_mm * view.scale) / 4, 1), 4);
  ctx.lineCap = "round";
  ctx.strokeStyle = inks.line;
  ctx.lineWidth = width * 0.7;
  ctx.setLineDash([width * 1.5, width * 2]);
  ctx.stroke(lines.far);
  ctx.setLineDash([]);
  ctx.lineWidth = width;
  ctx.stroke(lines.near);
  paintGaps(ctx, picture, view, py, inks);
  ctx.restore();
}

function paintGaps(
  ctx: CanvasRenderingContext2D,
  picture: Picture,
  view: View,
  py: (x: number) => number,
  inks: Inks,
): void {
  ctx.fillStyle = inks.ground;
  ctx.globalAlpha = 0.85;
  ctx.fillRect(0, 0, LABEL_PX, view.height);
  ctx.globalAlpha = 1;
  ctx.font = "650 13px 'Source Sans 3 Variable', sans-serif";
  ctx.textAlign = "center";
  ctx.textBaseline = "middle";
  ctx.fillStyle = inks.text;
  let last = -Infinity;
  [...picture.gaps.entries()]
    .map(([gap, x]) => ({ gap, y: py(x) }))
    .sort((a, b) => a.y - b.y)
    .forEach(({ gap, y }) => {
      if (y - last < NUMBERED_PX) return;
      ctx.fillText(String(gap), LABEL_PX / 2, y);
      last = y;
    });
}
