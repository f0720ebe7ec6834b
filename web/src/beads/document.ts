import type { BeadKind } from "../api/client";
import type { Piece } from "../generated/piece";
import { choices, crafts, named } from "../choices/choices";

type Placed = Piece["beads"][number];

function fresh(taken: string[], letter: string): string {
  let number = 1;
  while (taken.includes(`${letter}${number}`)) number++;
  return `${letter}${number}`;
}
/** Are two kinds the same but for what they are called inside a piece? */
export const same = (one: BeadKind, other: BeadKind) =>
  JSON.stringify({ ...one, id: "" }) === JSON.stringify({ ...other, id: "" });

/** The kind as the piece has it, put into its tray if it is not there yet. */
function withKind(piece: Piece, bead: BeadKind): [Piece, string] {
  const tray = piece.tray ?? [];
  const found = tray.find((one) => same(one, bead));
  if (found) return [piece, found.id];
  const id = fresh(
    tray.map((one) => one.id),
    "k",
  );
  return [{ ...piece, tray: [...tray, { ...bead, id }] }, id];
}

/** The sections a rule's beads can lie on. */
export function carriers(piece: Piece, rule: string) {
  const found = piece.sections.filter((one) => crafts()[one.craft]!.beads.includes(rule));
  return rule === "met" && found.length < 2 ? [] : found;
}

/** The weaving wire that beads are threaded on: the first there is, or a fine one of its own. */
function withThread(piece: Piece, starts: Record<string, Piece>): [Piece, string] {
  const found = piece.wires.find((wire) => wire.role === "weaving");
  if (found) return [piece, found.id];
  const fine = starts.earring!.wires.find((wire) => wire.role === "weaving")!;
  const id = fresh(
    piece.wires.map((wire) => wire.id),
    "w",
  );
  return [{ ...piece, wires: [...piece.wires, { ...fine, id }] as Piece["wires"] }, id];
}

/** One more placement of a bead on a section. */
export function withPlacement(
  piece: Piece,
  bead: BeadKind,
  key: string,
  section: string,
  starts: Record<string, Piece>,
): Piece {
  const rule = named(choices().rules, key);
  const [stocked, kind] = withKind(piece, bead);
  const [threaded, wire] = rule.thread ? withThread(stocked, starts) : [stocked, ""];
  const id = fresh(
    piece.beads.map((one) => one.id),
    "d",
  );
  const placed = { id, rule: key, bead: kind, section, ...(rule.thread ? { weaving: wire } : {}), ...rule.start };
  const other = carriers(piece, key).find((one) => one.id !== section)?.id;
  if (key === "met") Object.assign(placed, { other });
  return { ...threaded, beads: [...piece.beads, placed as unknown as Placed] };
}

/** Kinds no placement uses are gone from the piece's tray, and a wire that only carried beads. */
function tidied(piece: Piece): Piece {
  const used = new Set(piece.beads.map((one) => one.bead));
  const wires = new Set([
    ...piece.sections.flatMap((one) => (one.craft === "bend" ? one.base : [...one.base, ...one.weaving])),
    ...piece.beads.flatMap((one) => ("weaving" in one ? [one.weaving] : [])),
    ...piece.endings.flatMap((one) => (one.kind === "fold" && one.cover ? [one.cover] : [])),
  ]);
  return {
    ...piece,
    tray: (piece.tray ?? []).filter((one) => used.has(one.id)),
    wires: piece.wires.filter((wire) => wires.has(wire.id)),
  };
}

export const withoutPlacement = (piece: Piece, id: string): Piece =>
  tidied({ ...piece, beads: piece.beads.filter((one) => one.id !== id) });

/** Another kind of bead in a placement. */
export function withBead(piece: Piece, id: string, bead: BeadKind): Piece {
  const [stocked, kind] = withKind(piece, bead);
  const beads = stocked.beads.map((one) => (one.id === id ? { ...one, bead: kind } : one));
  return tidied({ ...stocked, beads });
}
