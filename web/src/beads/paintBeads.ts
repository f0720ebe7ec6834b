import type { Picture } from "../generated/picture";

type Drawn = Picture["beads"];
/** Look, place, direction of the hole, face and pass. */
type Row = [number, number, number, number, number, number, number];
type Layer = Drawn["looks"][number][number];
const paths = new WeakMap<Layer, Path2D>();

function pathOf(layer: Layer): Path2D {
  let path = paths.get(layer);
  if (!path) {
    path = new Path2D();
    for (let i = 0; i < layer.points.length; i += 2)
      if (i) path.lineTo(layer.points[i]!, layer.points[i + 1]!);
      else path.moveTo(layer.points[i]!, layer.points[i + 1]!);
    path.closePath();
    paths.set(layer, path);
  }
  return path;
}

/**
 * Draws beads tone on tone, each with its hole along its wire. `on` leads from the drawing (mm) to the canvas's own pixels; `shown`
 * says which are seen, by face (1 in front, -1 behind, 0 from both sides) and by the pass they are threaded on.
 */
export function paintBeads(
  ctx: CanvasRenderingContext2D,
  drawn: Drawn,
  on: DOMMatrix,
  shown: (face: number, pass: number) => boolean,
): void {
  const scale = Math.hypot(on.a, on.b);
  for (const [look, x, y, dx, dy, face, pass] of drawn.set as Row[]) {
    if (!shown(face, pass)) continue;
    const at = { x: on.a * x + on.c * y + on.e, y: on.b * x + on.d * y + on.f };
    const [ux, uy] = [(on.a * dx + on.c * dy) / scale, (on.b * dx + on.d * dy) / scale];
    for (const layer of drawn.looks[look]!) {
      const shift = layer.shift * scale;
      ctx.setTransform(ux * scale, uy * scale, -uy * scale, ux * scale, at.x - shift, at.y - shift);
      ctx.fillStyle = layer.tone;
      ctx.fill(pathOf(layer));
    }
  }
}
