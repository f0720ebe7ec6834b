import type { Picture } from "../generated/picture";
import { paintStrip, type View } from "./paint";

/** How much more than is seen is drawn on either side once the view moves, as a share of the width. */
const BESIDE = 0.5;

/**
 * Keeps a strip drawn somewhat beyond what is seen, so that moving along it lays the same drawing down elsewhere; it is
 * drawn anew when the view leaves it or anything but its place changes.
 */
export function createSheet() {
  const canvas = document.createElement("canvas");
  let kept: { picture: Picture; view: View; ratio: number } | null = null;

  /** Is what is kept the same drawing, wherever it is looked at? */
  const same = (picture: Picture, view: View, ratio: number) =>
    kept !== null &&
    kept.picture === picture &&
    kept.ratio === ratio &&
    kept.view.scale === view.scale &&
    kept.view.face === view.face &&
    kept.view.hand === view.hand &&
    kept.view.across === view.across &&
    kept.view.height === view.height &&
    kept.view.made === view.made;
  const covers = (view: View) =>
    kept!.view.left <= view.left &&
    kept!.view.left + kept!.view.width / view.scale >= view.left + view.width / view.scale;

  function draw(picture: Picture, view: View, ratio: number) {
    const wide = {
      ...view,
      left: view.left - (BESIDE * view.width) / view.scale,
      width: view.width * (1 + 2 * BESIDE),
    };
    canvas.width = Math.ceil(wide.width * ratio);
    canvas.height = Math.ceil(view.height * ratio);
    paintStrip(canvas.getContext("2d")!, picture, wide);
    kept = { picture, view: wide, ratio };
  }

  /** Paints what paintStrip would. A drawing that is seen for the first time is not kept: it may never be moved. */
  return function paint(ctx: CanvasRenderingContext2D, picture: Picture, view: View) {
    const ratio = ctx.canvas.width / view.width;
    if (!same(picture, view, ratio)) {
      paintStrip(ctx, picture, view);
      kept = { picture, view: { ...view, width: 0 }, ratio };
      return;
    }
    if (!covers(view)) draw(picture, view, ratio);
    ctx.setTransform(1, 0, 0, 1, 0, 0);
    ctx.clearRect(0, 0, ctx.canvas.width, ctx.canvas.height);
    ctx.drawImage(canvas, Math.round((kept!.view.left - view.left) * view.scale * ratio), 0);
    ctx.setTransform(ratio, 0, 0, ratio, 0, 0);
  };
}
