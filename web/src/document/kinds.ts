import type { Piece } from "../generated/piece";
import { fresh, wireOf } from "./routes";

export type Kind = Piece["kinds"][number];
export const kindOf = (piece: Piece, wire: string): Kind =>
  piece.kinds.find((kind) => kind.id === wireOf(piece, wire).kind)!;
/** Of one size, metal and temper? */
export const alike = (piece: Piece, wires: string[]) =>
  new Set(wires.map((id) => JSON.stringify({ ...kindOf(piece, id), id: "" }))).size === 1;

/** Wires with a value of their kind changed. A kind that base wires share with others is parted from it; what is worked with comes off one spool. */
export function withKind(piece: Piece, wires: string[], changes: Partial<Kind>): Piece {
  const ids = new Set(wires);
  return [...new Set(wires.map((id) => wireOf(piece, id).kind))].reduce((now, id) => {
    const kind = now.kinds.find((one) => one.id === id)!;
    const shared = kind.use === "base" && now.wires.some((wire) => wire.kind === id && !ids.has(wire.id));
    const changed = { ...kind, ...changes } as Kind;
    if (!shared) return { ...now, kinds: now.kinds.map((one) => (one.id === id ? changed : one)) };
    const [own] = freshKind(now);
    return {
      ...now,
      kinds: [...now.kinds, { ...changed, id: own! }],
      wires: now.wires.map((wire) => (wire.kind === id && ids.has(wire.id) ? { ...wire, kind: own! } : wire)),
    };
  }, piece);
}
const freshKind = (piece: Piece) =>
  fresh(
    piece.kinds.map((kind) => kind.id),
    "k",
  );

/** The piece with one more kind of wire, unless it has such a one. */
export function withKindLike(piece: Piece, like: Kind, own = false): [Piece, string] {
  const bare = (kind: Kind) => JSON.stringify([kind.use, kind.size.typed, kind.metal, kind.temper]);
  const found = own ? undefined : piece.kinds.find((kind) => bare(kind) === bare(like));
  if (found) return [piece, found.id];
  const [id] = freshKind(piece);
  return [{ ...piece, kinds: [...piece.kinds, { ...like, id: id! }] }, id!];
}

/** A kind to work with: the first of the piece, or a fine one of a piece to begin with. */
export function withWorkingKind(piece: Piece, starts: Record<string, Piece>): [Piece, string] {
  const found = piece.kinds.find((kind) => kind.use === "working");
  return found
    ? [piece, found.id]
    : withKindLike(
        piece,
        starts.earring!.kinds.find((kind) => kind.use === "working")!,
      );
}
