import { fresh, wireOf, workingOf } from "../document/routes";
import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";

/** What a piece of one strip is found by; how many repeats it has stands in its section. */
export type Quantity = "wrist" | "finger" | "repeats" | "woven" | "wire";
type Pin = Piece["pins"][number];

/** What a piece is measured by. */
export const worn = (piece: Piece) => (piece.kind === "ring" ? "finger" : "wrist");

/** How far a section is worked, where it says so. */
const extent = (piece: Piece) => {
  const [first] = piece.sections;
  return first && "extent" in first ? first.extent : undefined;
};
const withExtent = (piece: Piece, given: object): Piece => ({
  ...piece,
  sections: piece.sections.map((one, i) => (i === 0 ? { ...one, extent: given } : one)) as Piece["sections"],
});

/** Where a quantity's pin stands in the document, -1 when it is free. */
export const pinIndex = (piece: Piece, quantity: Quantity) => piece.pins.findIndex((pin) => pin.quantity === quantity);
export const isPinned = (piece: Piece, quantity: Quantity) =>
  quantity === "repeats" ? extent(piece)?.kind === "repeats" : pinIndex(piece, quantity) >= 0;
/** How many quantities hold. */
export const pinned = (piece: Piece) => piece.pins.length + (isPinned(piece, "repeats") ? 1 : 0);

/** The pointer to a pinned quantity's value. */
export const pinPath = (piece: Piece, quantity: Quantity): string =>
  quantity === "repeats" ? "/sections/0/extent/count" : `/pins/${pinIndex(piece, quantity)}/length`;

/** What a pin is on, beside its length. */
function held(piece: Piece, quantity: Quantity): object {
  const { id } = piece.sections[0]!;
  if (quantity === "woven") return { section: id };
  return quantity === "wire" ? { kind: wireOf(piece, workingOf(piece, id)[0]!).kind } : {};
}

/** The document with a quantity pinned at a value: a whole number of repeats, or a length as typed. */
export function withPin(piece: Piece, quantity: Quantity, value: number | string): Piece {
  if (quantity === "repeats") return withExtent(piece, { kind: "repeats", count: value });
  const at = pinIndex(piece, quantity);
  const taken = piece.pins.map((pin) => pin.id);
  const id = at < 0 ? fresh(taken, "p")[0]! : piece.pins[at]!.id;
  const pin = { id, quantity, ...held(piece, quantity), length: { typed: value } } as Pin;
  const pins = at < 0 ? [...piece.pins, pin] : piece.pins.map((other, i) => (i === at ? pin : other));
  return { ...piece, pins };
}

export const withoutPin = (piece: Piece, quantity: Quantity): Piece =>
  quantity === "repeats"
    ? withExtent(piece, { kind: "free" })
    : { ...piece, pins: piece.pins.filter((pin) => pin.quantity !== quantity) };

/** What the plan answers for a quantity, in mm or as a count; null when there is no answer. */
export function answered(plan: Plan, quantity: Quantity): number | null {
  if (quantity === "wrist" || quantity === "finger") return plan.fit?.wrist_mm ?? null;
  const strip = plan.sections[0]?.strip;
  if (!strip) return null;
  if (quantity === "repeats") return strip.repeats;
  return quantity === "woven" ? strip.woven_mm : strip.weaving.total_mm;
}
