import type { Picture } from "../generated/picture";
import { paintNumbers, projection } from "./overlays";
import { seenCells, type View } from "./paint";
import { passPoints } from "./passes";

interface Inks {
  /** The ground the strip lies on. */
  ground: string;
  line: string;
  text: string;
}

/**
 * Draws the weaving wire's way through the gaps over a paled strip: full lines before the base wires, dashed ones behind
 * them, as seen from the shown face; the gaps are numbered at the left.
 */
export function paintWalk(ctx: CanvasRenderingContext2D, picture: Picture, view: View, inks: Inks): void {
  const { face, px, py } = projection(view);

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
  ctx.restore();
  paintNumbers(ctx, view, [...picture.gaps.entries()], inks);
}
