import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";

export type Task = Plan["tasks"][number];

/** With the maker's own order of work; of no ids the usual one. */
export const withSteps = (piece: Piece, ids: string[]): Piece => ({ ...piece, steps: ids as Piece["steps"] });

/** Without steps of what is no longer in the piece. */
export function withStepsLeft(piece: Piece): Piece {
  if (!piece.steps?.length) return piece;
  const ids = new Set(
    [piece.sections, piece.endings, piece.beads, piece.findings ?? []].flatMap((list) => list.map((one) => one.id)),
  );
  const round = piece.worn?.on === "wrist" || piece.worn?.on === "finger";
  return withSteps(
    piece,
    piece.steps.filter((id) => ids.has(id) || (round && id === "worn")),
  );
}

/** What breaks at the step a task begins with, by the number of that step. */
export function breaksAt(plan: Plan): Map<number, string[]> {
  let at = 0;
  const found = new Map<number, string[]>();
  for (const task of plan.tasks) {
    if (task.breaks.length) found.set(at, task.breaks);
    at += task.steps;
  }
  return found;
}
