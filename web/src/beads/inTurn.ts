import type { BeadKind } from "../api/client";
import type { Piece } from "../generated/piece";
import { choices, named } from "../choices/choices";
import { withPlacement } from "./document";

type Placed = Piece["beads"][number];
/** Rules whose beads are counted off as the work goes on, so that several kinds may take turns. */
const COUNTED: Record<string, string> = {
  woven: "repeats",
  braided: "stitches",
  crocheted: "stitches",
  knotted: "knots",
};
export const mayTakeTurns = (rule: string) => rule in COUNTED;
export const countedIn = (rule: string) => COUNTED[rule]!;

/** How many wraps, stitches or knots on the next bead comes, to begin with. */
export function usualStep(rule: string): number {
  const { every, pick } = named(choices().rules, rule).start as {
    every?: number | number[];
    pick?: { every: number[] };
  };
  return [pick?.every ?? every ?? 1].flat()[0]!;
}

/** Where a kind comes of an order that is made again and again: after how many, and then from each to the next. */
function places(order: BeadKind[], kind: BeadKind, step: number): { before: number; every: number[] } {
  const at = order.flatMap((one, i) => (one === kind ? [i] : []));
  const next = (i: number) => at[i + 1] ?? at[0]! + order.length;
  return { before: at[0]! * step, every: at.map((place, i) => (next(i) - place) * step) };
}

function counted(placed: Placed, before: number, every: number[]): Placed {
  if (placed.rule === "woven") return { ...placed, first: placed.first + before, every: every[0]! };
  if (placed.rule === "crocheted" && placed.pick.kind === "every")
    return { ...placed, pick: { ...placed.pick, first: placed.pick.first + before, every } } as Placed;
  return placed.rule === "braided" || placed.rule === "knotted"
    ? ({ ...placed, first: placed.first + before, every } as Placed)
    : placed;
}

/**
 * Beads of several kinds that follow each other in an order, again and again, one every so many wraps, stitches or knots:
 * a placement for each kind. Woven ones are counted evenly, so there each place of the order has its own.
 */
export function withOrder(
  piece: Piece,
  order: BeadKind[],
  step: number,
  rule: string,
  section: string,
  starts: Record<string, Piece>,
): Piece {
  const parts =
    rule === "woven"
      ? order.map((kind, i) => ({ kind, before: i * step, every: [order.length * step] }))
      : [...new Set(order)].map((kind) => ({ kind, ...places(order, kind, step) }));
  return parts.reduce((now, { kind, before, every }) => {
    const laid = withPlacement(now, kind, rule, section, starts);
    return {
      ...laid,
      beads: laid.beads.map((one, i) => (i === laid.beads.length - 1 ? counted(one, before, every) : one)),
    };
  }, piece);
}
