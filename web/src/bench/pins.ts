import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";

export type Quantity = Piece["pins"][number]["quantity"];
type Pin = Piece["pins"][number];

/** What a piece is measured by. */
export const worn = (piece: Piece) => (piece.body.kind === "ring" ? "finger" : "wrist");

/** Where a quantity's pin stands in the document, -1 when it is free. */
export const pinIndex = (piece: Piece, quantity: Quantity) => piece.pins.findIndex((pin) => pin.quantity === quantity);

/** The pointer to a pinned quantity's value. */
export function pinPath(piece: Piece, quantity: Quantity): string {
  return `/pins/${pinIndex(piece, quantity)}/${quantity === "repeats" ? "count" : "length"}`;
}

function freshId(piece: Piece): string {
  const taken = new Set(piece.pins.map((pin) => pin.id));
  let number = 1;
  while (taken.has(`p${number}`)) number++;
  return `p${number}`;
}

/** The document with a quantity pinned at a value: a whole number of repeats, or a length as typed. */
export function withPin(piece: Piece, quantity: Quantity, value: number | string): Piece {
  const at = pinIndex(piece, quantity);
  const id = at < 0 ? freshId(piece) : piece.pins[at]!.id;
  const pin = (
    quantity === "repeats" ? { id, quantity, count: value } : { id, quantity, length: { typed: value } }
  ) as Pin;
  const pins = at < 0 ? [...piece.pins, pin] : piece.pins.map((other, i) => (i === at ? pin : other));
  return { ...piece, pins };
}

export const withoutPin = (piece: Piece, quantity: Quantity): Piece => ({
  ...piece,
  pins: piece.pins.filter((pin) => pin.quantity !== quantity),
});

/** What the plan answers for a quantity, in mm or as a count; null when there is no answer. */
export function answered(plan: Plan, quantity: Quantity): number | null {
  if (quantity === "wrist" || quantity === "finger") return plan.fit?.wrist_mm ?? null;
  const strip = plan.sections[0]?.strip;
  if (!strip) return null;
  if (quantity === "repeats") return strip.repeats;
  return quantity === "woven" ? strip.woven_mm : strip.weaving.total_mm;
}
