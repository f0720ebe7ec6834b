import type { Piece } from "../generated/piece";
import { valueAt } from "./pointer";

const LONGEST = 50;

/** What the maker's hand is on: the field or the button, by its name. */
function inHand(): string {
  const element = document.activeElement as HTMLElement | null;
  if (!element || element === document.body) return "";
  const named =
    element.ariaLabel ?? (element as HTMLInputElement).labels?.[0]?.textContent ?? element.textContent ?? "";
  return named.trim().replace(/\s+/g, " ").slice(0, LONGEST);
}

/** A value as it is read: a size as it was typed, a number, a word. */
function read(value: unknown): string {
  if (typeof value === "object" && value !== null && "typed" in value) return String(value.typed);
  return typeof value === "number" || typeof value === "string" ? String(value).slice(0, LONGEST) : "";
}

/** What was done to a piece, in words: the field or button in hand, and its value before and after. */
export function whatWasDone(before: Piece, after: Piece, path: string): string {
  const name = inHand();
  const [was, is] = path ? [read(valueAt(before, path)), read(valueAt(after, path))] : ["", ""];
  const values = was && is && was !== is ? `${was} → ${is}` : "";
  return [name, values].filter(Boolean).join(", ");
}
