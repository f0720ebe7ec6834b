import { count, type Form, mm, size } from "../built/forms";
import type { Piece } from "../generated/piece";

type Finding = NonNullable<Piece["findings"]>[number];
const length = (label: string) => [size("length", label, "of", "")];

/** What may be hung on an ending. */
export const FINDINGS: (Form & { metal: boolean })[] = [
  {
    key: "jump_rings",
    name: "jump rings",
    metal: true,
    parts: [
      count("count", "Jump rings", ",", "of them,"),
      size("inside", "Inside of the jump rings", "", "inside,", 0.5),
      size("wire", "Wire of the jump rings", "of", "", 0.1),
    ],
    start: { inside: mm(4), wire: mm(0.8), metal: "copper", count: 1 },
  },
  { key: "chain", name: "chain", metal: false, parts: length("Chain"), start: { length: mm(50), mass: null } },
  { key: "clasp", name: "a clasp", metal: false, parts: length("Clasp"), start: { length: mm(14), mass: null } },
  {
    key: "ear_wire",
    name: "an ear wire",
    metal: true,
    parts: length("Ear wire"),
    start: { length: mm(20), metal: "sterling", mass: null },
  },
];

/** The sides at which something can be hung. */
export const holdingSides = (piece: Piece, holds: string[]) =>
  (["start", "end"] as const).filter((side) =>
    piece.endings.some(
      (one) => one.side === side && (holds.includes(one.kind) || (one.kind === "fold" && Boolean(one.ring))),
    ),
  );

export function withFinding(piece: Piece, key: string, side: string): Piece {
  const taken = (piece.findings ?? []).map((one) => one.id);
  let number = 1;
  while (taken.includes(`f${number}`)) number++;
  const start = FINDINGS.find((one) => one.key === key)!.start;
  const finding = { id: `f${number}`, kind: key, side, ...start } as unknown as Finding;
  return { ...piece, findings: [...(piece.findings ?? []), finding] };
}
export const withoutFinding = (piece: Piece, id: string): Piece => ({
  ...piece,
  findings: (piece.findings ?? []).filter((one) => one.id !== id),
});
