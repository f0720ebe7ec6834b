import type { Made } from "../order/stands";

const between = (from: number, to: number, share: number) => from + (to - from) * share;

/** Part of what a step makes of a section: from which share of it to which. */
function part(one: Made, from: number, to: number, back: boolean): Made {
  const passes = [from, to].map((share) => between(one.from, one.to, share));
  const [first, last] = one.all > 1 ? passes.map(Math.round) : passes;
  const [low, high] = one.along;
  const shares = back ? [1 - to, 1 - from] : [from, to];
  const along = one.along.length ? shares.map((share) => between(low!, high!, share)) : one.along;
  return { ...one, from: first!, to: last!, along };
}

/** From the middle the second half is worked the other way along the strip. */
const isBack = (one: Made, before: Made[]) =>
  before.some((other) => other.of === "weave" && other.id === one.id && other.along[0]! >= one.along[1]! - 1e-6);

/**
 * What of a step that is counted is there after a share of it, and what the next one counted makes, up to another share.
 */
export function counted(made: Made[], before: Made[], done: number, next: number): { there: Made[]; lit: Made[] } {
  const [woven, others] = [made.filter((one) => one.of === "weave"), made.filter((one) => one.of !== "weave")];
  const parts = (from: number, to: number) => woven.map((one) => part(one, from, to, isBack(one, before)));
  return { there: [...others, ...parts(0, done)], lit: parts(done, next) };
}
