import type { BeadKind } from "../api/client";
import type { Piece } from "../generated/piece";
import { choices, crafts, named } from "../choices/choices";
import { placeFor } from "../crafts/braid/braid";
import { tidied as whole, withWire } from "../document/change";
import { withWorkingKind } from "../document/kinds";
import { fresh } from "../document/routes";

type Placed = Piece["beads"][number];

/** Are two kinds the same but for what they are called inside a piece? */
export const same = (one: BeadKind, other: BeadKind) =>
  JSON.stringify({ ...one, id: "" }) === JSON.stringify({ ...other, id: "" });

/** The kind as the piece has it, put into its tray if it is not there yet. */
function withKind(piece: Piece, bead: BeadKind): [Piece, string] {
  const tray = piece.tray ?? [];
  const found = tray.find((one) => same(one, bead));
  if (found) return [piece, found.id];
  const [id] = fresh(
    tray.map((one) => one.id),
    "k",
  );
  return [{ ...piece, tray: [...tray, { ...bead, id: id! }] }, id!];
}

/** The sections a rule's beads can lie on. */
export function carriers(piece: Piece, rule: string) {
  const found = piece.sections.filter((one) => crafts()[one.craft]!.beads.includes(rule));
  return rule === "met" && found.length < 2 ? [] : found;
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
  const [id] = fresh(
    piece.beads.map((one) => one.id),
    "d",
  );
  const placed = { id, rule: key, bead: kind, section, ...rule.start };
  const other = carriers(piece, key).find((one) => one.id !== section)?.id;
  if (key === "met") Object.assign(placed, { other });
  const braided = piece.sections.find((one) => one.id === section);
  if (braided?.craft === "braid") Object.assign(placed, { on: placeFor("middle", braided) });
  const laid = { ...stocked, beads: [...piece.beads, placed as unknown as Placed] };
  if (!rule.thread) return laid;
  const [spun, wire] = withWorkingKind(laid, starts);
  return withWire(spun, wire, [{ kind: "carry", beads: id! }]);
}

/** Kinds no placement uses are gone from the piece's tray, and a wire that only carried beads. */
function tidied(piece: Piece): Piece {
  const used = new Set(piece.beads.map((one) => one.bead));
  return whole({ ...piece, tray: (piece.tray ?? []).filter((one) => used.has(one.id)) });
}

export const withoutPlacement = (piece: Piece, id: string): Piece =>
  tidied({ ...piece, beads: piece.beads.filter((one) => one.id !== id) });

/** Another kind of bead in a placement. */
export function withBead(piece: Piece, id: string, bead: BeadKind): Piece {
  const [stocked, kind] = withKind(piece, bead);
  const beads = stocked.beads.map((one) => (one.id === id ? { ...one, bead: kind } : one));
  return tidied({ ...stocked, beads });
}
