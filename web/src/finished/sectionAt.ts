import type { Placed } from "./finishedPictures";
import { type FinishedView, pageOf, pathsOf, standing } from "./paintFinished";

/** A wire is hit so many pixels beside it, as a fingertip is wider than a wire. */
const BESIDE_PX = 12;

/** The section whose wire lies at a place of its picture, in pixels; the one in front where several do. */
export function sectionAt(
  ctx: CanvasRenderingContext2D,
  placed: Placed[],
  view: FinishedView,
  [x, y]: [number, number],
): string | null {
  const page = pageOf(view);
  const order = view.face === "back" ? placed : placed.toReversed();
  const hit = (beside: number) =>
    order.find(({ picture, pose, section }) => {
      if (!section) return false;
      const on = page.multiply(standing(pose, picture.finest_mm));
      const px = view.scale * view.near.k * picture.finest_mm;
      ctx.setTransform(on);
      return picture.groups.some((group) => {
        ctx.lineWidth = group.d / picture.finest_mm + (2 * beside) / px;
        // The point is measured as the canvas has it, without its transform.
        return pathsOf(group, px).some((path) => ctx.isPointInStroke(path, x, y));
      });
    })?.section;
  ctx.save();
  const found = hit(0) ?? hit(BESIDE_PX);
  ctx.restore();
  return found ?? null;
}
