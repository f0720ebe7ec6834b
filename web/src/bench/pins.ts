import { isFrame } from "../choices/choices";
import { fresh, visits, wireOf, workingOf } from "../document/routes";
import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";
import { type Section, section, withSection } from "./weave";

/** What a piece is measured by, and what the section in hand is: each is given, or found by the others. */
export type Quantity = "wrist" | "finger" | "frames" | "repeats" | "woven" | "wire";
type Pin = Piece["pins"][number];

/** What a piece is worn round, by which it can be measured. */
export const worn = (piece: Piece) =>
  piece.worn?.on === "wrist" || piece.worn?.on === "finger" ? piece.worn.on : null;

/** The quantities that are answered for a section. */
export function quantities(piece: Piece, id: string): Quantity[] {
  const round = worn(piece);
  const now = woven(piece, id);
  const own: Quantity[] = !now ? [] : isWoven(now) ? ["repeats", "woven", "wire"] : ["repeats", "woven"];
  return [...(round ? [round] : []), ...(now && "frames" in form(now) ? (["frames"] as const) : []), ...own];
}

/** A section that is worked as far as one asks: woven, braided, crocheted or knotted. */
type Worked = Section | Extract<Piece["sections"][number], { craft: "braid" | "crochet" | "knot" }>;
const isWorked = (one: Piece["sections"][number] | undefined): one is Worked =>
  one !== undefined && ["weave", "braid", "crochet", "knot"].includes(one.craft);
const isWoven = (one: Worked): one is Section => one.craft === "weave";
const woven = (piece: Piece, id: string): Worked | null => {
  const found = piece.sections.find((one) => one.id === id);
  return isWorked(found) ? found : null;
};
const form = (one: Worked) => one.form ?? { kind: "straight" as const };
const framesOf = (one: Worked) => {
  const now = form(one);
  return "frames" in now ? now.frames : undefined;
};
/** The kind of its working wire; nothing else has one. */
const kindOf = (piece: Piece, id: string) => {
  const [wire] = workingOf(piece, id);
  return wire === undefined ? "" : wireOf(piece, wire).kind;
};

/** Where a quantity's pin stands in the document, -1 where it has none. */
export const pinIndex = (piece: Piece, quantity: Quantity, id: string) =>
  piece.pins.findIndex(
    (pin) =>
      pin.quantity === quantity &&
      (pin.quantity !== "woven" || pin.section === id) &&
      (pin.quantity !== "wire" || pin.kind === kindOf(piece, id)),
  );

/** How far a section is worked, as it says itself. */
const extent = (piece: Piece, id: string) => woven(piece, id)?.extent ?? { kind: "fill" as const };

export function isPinned(piece: Piece, quantity: Quantity, id: string): boolean {
  if (quantity === "repeats") return extent(piece, id).kind === "repeats";
  if (quantity === "frames") return framesOf(woven(piece, id)!) !== null;
  return pinIndex(piece, quantity, id) >= 0 || (quantity === "woven" && extent(piece, id).kind === "length");
}

/** The pointer to a pinned quantity's value. */
export function pinPath(piece: Piece, quantity: Quantity, id: string): string {
  const at = `/sections/${piece.sections.findIndex((one) => one.id === id)}`;
  if (quantity === "repeats") return `${at}/extent/count`;
  if (quantity === "frames") return `${at}/form/frames`;
  const pin = pinIndex(piece, quantity, id);
  return quantity === "woven" && pin < 0 ? `${at}/extent/length` : `/pins/${pin}/length`;
}

/** The document with a quantity pinned at a value: a whole number, or a length as typed. */
export function withPin(piece: Piece, quantity: Quantity, value: number | string, id: string): Piece {
  const now = woven(piece, id);
  if (quantity === "repeats") return withExtent(piece, id, { kind: "repeats", count: value });
  if (quantity === "frames") return withFrames(piece, id, value);
  if (quantity === "woven" && now && !now.bare.gives && pinIndex(piece, quantity, id) < 0)
    return withExtent(piece, id, { kind: "length", length: { typed: value } });
  const at = pinIndex(piece, quantity, id);
  const taken = piece.pins.map((pin) => pin.id);
  const of = { woven: { section: id }, wire: { kind: now && kindOf(piece, id) } }[quantity as string] ?? {};
  const pin = {
    id: at < 0 ? fresh(taken, "p")[0]! : piece.pins[at]!.id,
    quantity,
    ...of,
    length: { typed: value },
  } as Pin;
  return { ...piece, pins: at < 0 ? [...piece.pins, pin] : piece.pins.map((other, i) => (i === at ? pin : other)) };
}

/** The document with a quantity let go of: it is found by the others, or a frame is woven as far as it is long. */
export function withoutPin(piece: Piece, quantity: Quantity, id: string): Piece {
  const loose = { kind: isFrame(woven(piece, id)!) ? "fill" : "free" };
  if (quantity === "frames") return withFrames(piece, id, null);
  if (quantity === "repeats") return withExtent(piece, id, loose);
  const at = pinIndex(piece, quantity, id);
  const left = { ...piece, pins: piece.pins.filter((_, i) => i !== at) };
  const said = quantity === "woven" && extent(piece, id).kind !== "repeats";
  return said ? withExtent(left, id, loose) : left;
}

/** The document with a section worked so far; a length that was pinned beside it is let go of where the section says it. */
export function withExtent(piece: Piece, id: string, given: object): Piece {
  return withSection(piece, id, { extent: given as Section["extent"] });
}
const withFrames = (piece: Piece, id: string, frames: number | string | null): Piece =>
  withSection(piece, id, { form: { ...form(section(piece, id)), frames } as Section["form"] });

/** Is something there that finds what is left open? What a piece is worn round finds one section, wire the others. */
export function isHeld(piece: Piece): boolean {
  const round = piece.pins.some((pin) => pin.quantity === "wrist" || pin.quantity === "finger");
  const open = piece.sections.filter(
    (one): one is Worked => isWorked(one) && (one.extent?.kind === "free" || framesOf(one) === null),
  );
  const asked = open.filter((one) => {
    const kinds = visits(piece).flatMap(({ wire, stop }) => (stop.section === one.id ? [wire.kind] : []));
    const own = piece.pins.some(
      (pin) =>
        (pin.quantity === "woven" && pin.section === one.id) ||
        (pin.quantity === "wire" && !round && kinds.includes(pin.kind)),
    );
    return !own || framesOf(one) === null;
  });
  return asked.length === 0 || (round && asked.length === 1);
}

/** What the plan answers for a quantity, in mm or as a count; null when there is no answer. */
export function answered(plan: Plan, quantity: Quantity, piece: Piece, id: string): number | null {
  if (quantity === "wrist" || quantity === "finger") return plan.worn?.wrist_mm ?? null;
  const found = plan.sections.find((one) => one.id === id);
  const worked = workedOf(found);
  if (!found || !worked) return null;
  if (quantity === "frames") return found.copies;
  if (quantity === "wire") return plan.working[kindOf(piece, id)] ?? null;
  return quantity === "repeats" ? worked.repeats : worked.woven_mm;
}
/** How far a section is worked: its strip, its braid, its crochet, or its knots. */
export const workedOf = (found: Plan["sections"][number] | undefined) =>
  found?.strip ?? found?.braid ?? found?.crochet ?? found?.knot ?? null;

/** Wire to hand that is not needed, in mm, below nothing where it is short; null where nothing was said. */
export function spare(plan: Plan, piece: Piece, id: string): number | null {
  const pin = piece.pins[pinIndex(piece, "wire", id)];
  if (pin?.quantity !== "wire" || pin.length.mm === undefined) return null;
  return pin.length.mm - (plan.working[pin.kind] ?? 0);
}
