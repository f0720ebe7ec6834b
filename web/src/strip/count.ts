import type { Strip } from "../api/client";
import type { Picture } from "../generated/picture";

/** Which wrap of its group the last made pass belongs to, within a repeat: "wrap 2 of 3". Empty where nothing is counted. */
export function countWithin(weave: Strip["weave"], counting: Picture["counting"], made: number): string {
  const { half, before, repeat, repeats, skipped } = counting;
  const done = made - 1 - (made > half ? half - skipped : 0) - before;
  if (made === 0 || done < 0 || done >= repeat * repeats) return "";
  let place = (done % repeat) % weave.gaps.length;
  for (const group of weave.groups) {
    const passes = group.kind === "wraps" ? 2 * group.times : group.gaps.length;
    if (place < passes)
      return group.kind === "wraps" && group.times > 1 ? `wrap ${Math.floor(place / 2) + 1} of ${group.times}` : "";
    place -= passes;
  }
  return "";
}
