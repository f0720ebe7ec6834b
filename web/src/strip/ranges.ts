import type { Picture } from "../generated/picture";
import type { View } from "./paint";

/** The first and last place along the strip in the shown direction. */
export function shownRange(picture: Picture, hand: View["hand"]): [number, number] {
  const [from, to] = picture.y_range as [number, number];
  return hand === "left" ? [-to, -from] : [from, to];
}

/** Everything across the strip that must fit the picture's height, endings included. */
export function acrossRange(picture: Picture): [number, number] {
  const xs = picture.strands.flatMap((strand) => strand.points.map((point) => point[0]!));
  const all = [...xs, ...bandRange(picture)];
  return [Math.min(...all) - 0.5, Math.max(...all) + 0.5];
}

/** How far the woven band reaches across, with the beads beside it. */
export function bandRange(picture: Picture): [number, number] {
  const beads = picture.beads.set.flatMap(([look, x]) => {
    const reach = Math.max(...picture.beads.looks[look!]![0]!.points.map(Math.abs));
    return [x! - reach, x! + reach];
  });
  const all = [...beads, ...picture.x_range];
  return [Math.min(...all), Math.max(...all)];
}

/** What a picture centres on across the strip: the woven band itself. */
export function bandMiddle(picture: Picture): number {
  const [low, high] = bandRange(picture);
  return (low + high) / 2;
}
