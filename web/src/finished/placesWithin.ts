import type { Placed } from "./finishedPictures";
import { standing } from "./paintFinished";
import { PLACE } from "./place";

/** Of places where lines are put (x, y, turn, number, x, ...) those whose number is past one and not past another. */
export function placesWithin(at: number[], past: number, upTo: number): number[] {
  const kept: number[] = [];
  for (let i = 0; i < at.length; i += PLACE)
    if (at[i + PLACE - 1]! > past && at[i + PLACE - 1]! <= upTo) kept.push(...at.slice(i, i + PLACE));
  return kept;
}

/** Where the stitch of a section stands that was made last, in the finished piece; null where none is. */
export function lastPlace(placed: Placed[], made: { section: string; upto: number }): [number, number] | null {
  let [most, found] = [0, null as [number, number] | null];
  for (const { picture, pose, section } of placed) {
    if (section !== made.section) continue;
    for (const { at } of picture.groups)
      for (let i = 0; at && i < at.length; i += PLACE)
        if (at[i + PLACE - 1]! > most && at[i + PLACE - 1]! <= made.upto) {
          most = at[i + PLACE - 1]!;
          const { x, y } = standing(pose, picture.finest_mm).transformPoint(new DOMPoint(at[i]!, at[i + 1]!));
          found = [x, y];
        }
  }
  return found;
}
