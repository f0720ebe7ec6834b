import { choices, named } from "../choices/choices";
import type { Piece } from "../generated/piece";

type Finding = NonNullable<Piece["findings"]>[number];
/** The sides at which something can be hung. */
export const holdingSides = (piece: Piece) =>
  (["start", "end"] as const).filter((side) =>
    piece.endings.some(
      (one) =>
        one.side === side && (named(choices().endings, one.kind).holds || (one.kind === "fold" && Boolean(one.ring))),
    ),
  );

export function withFinding(piece: Piece, key: string, side: string): Piece {
  const taken = (piece.findings ?? []).map((one) => one.id);
  let number = 1;
  while (taken.includes(`f${number}`)) number++;
  const start = named(choices().findings, key).start;
  const finding = { id: `f${number}`, kind: key, side, ...start } as unknown as Finding;
  return { ...piece, findings: [...(piece.findings ?? []), finding] };
}
export const withoutFinding = (piece: Piece, id: string): Piece => ({
  ...piece,
  findings: (piece.findings ?? []).filter((one) => one.id !== id),
});
