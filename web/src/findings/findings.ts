import { choices, named } from "../choices/choices";
import { endsIn, folds, fresh } from "../document/routes";
import type { Piece } from "../generated/piece";

type Finding = NonNullable<Piece["findings"]>[number];
/** What something can be hung on: endings that hold it, and folds with a ring. */
export const holders = (piece: Piece) => [
  ...piece.endings.flatMap((one) => {
    const [end] = named(choices().endings, one.kind).holds ? endsIn(piece, one.id) : [];
    return end ? [{ id: one.id, kind: one.kind, side: end.side, section: end.section }] : [];
  }),
  ...folds(piece).flatMap(({ fold, side, section }) =>
    fold.ring ? [{ id: fold.id, kind: "fold", side, section }] : [],
  ),
];

/** What closes a bracelet between two loops or ribbon ends, by what it is called. */
const CLOSERS = { clasp: "clasp", toggle: "toggle", eye_hook: "hook with an eye" };
export type Closer = keyof typeof CLOSERS;
const closes = (one: Finding) => one.kind in CLOSERS;
export const closers = Object.entries(CLOSERS).map(([key, name]) => ({ key, name }));
/** The one that closes a piece; undefined where its own hook does. */
export const closer = (piece: Piece) => piece.findings?.find(closes)?.kind as Closer | undefined;
export const closedBy = (piece: Piece) =>
  CLOSERS[closer(piece)!] ??
  (piece.endings.some(({ kind }) => kind === "ribbon") ? "hook and ribbon end" : "hook and loop");
export const withoutCloser = (piece: Piece): Piece => ({
  ...piece,
  findings: (piece.findings ?? []).filter((one) => !closes(one)),
});

/** A hook with two eyes hangs in two endings of a side, all else in one. */
export function hungOn(piece: Piece, kind: string, holder: string): string[] {
  const all = holders(piece);
  const side = all.find((one) => one.id === holder)?.side;
  const beside = all.filter((one) => one.side === side && one.id !== holder).map((one) => one.id);
  return kind === "two_eye_hook" ? [holder, ...beside].slice(0, 2) : [holder];
}

export function withFinding(piece: Piece, key: string, holder: string): Piece {
  const taken = (piece.findings ?? []).map((one) => one.id);
  const [id] = fresh([...taken, ...folds(piece).map(({ fold }) => fold.id)], "f");
  const { start } = named(choices().findings, key);
  const finding = { id, kind: key, on: hungOn(piece, key, holder), ...start } as unknown as Finding;
  return { ...piece, findings: [...(piece.findings ?? []), finding] };
}
export const withoutFinding = (piece: Piece, id: string): Piece => ({
  ...piece,
  findings: (piece.findings ?? []).filter((one) => one.id !== id),
});
