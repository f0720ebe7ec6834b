import { count, flag, type Form, mm, size } from "../built/forms";
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
      flag("flat", "How the jump rings are left", "", "hammered flat,", "left round,"),
    ],
    start: { inside: mm(4), wire: mm(0.8), metal: "copper", count: 1, flat: false },
  },
  {
    key: "two_eye_hook",
    name: "a hook with two eyes",
    metal: true,
    parts: [
      size("inside", "Inside of the hook with two eyes", ",", "inside,", 0.5),
      size("shank", "Shank of the hook with two eyes", "shank", ",", 0.5),
      size("eye", "Inside of its eyes", "eyes", "inside,", 0.5),
      size("wire", "Wire of the hook with two eyes", "of", "", 0.1),
    ],
    start: { inside: mm(4), shank: mm(9), eye: mm(2.5), wire: mm(1), metal: "copper" },
  },
  {
    key: "toggle",
    name: "a toggle bar",
    metal: true,
    parts: [
      size("bar", "Bar of the toggle", ",", "long,"),
      size("eye", "Inside of the toggle's eye", "its eye", "inside,", 0.5),
      size("wire", "Wire of the toggle", "of", "", 0.1),
    ],
    start: { bar: mm(16), eye: mm(2.5), wire: mm(1), metal: "copper" },
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
