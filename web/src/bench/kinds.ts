import type { Piece } from "../generated/piece";
import type { Fit } from "../api/client";

/** What kinds of piece are called. */
const KINDS: Record<Piece["kind"], string> = {
  cuff: "Cuff",
  bracelet: "Closed bracelet",
  ring: "Ring",
  links: "Bracelet of links",
  earring: "Earring",
  pendant: "Pendant",
  component: "Component",
};

/** A kind of piece with what it is measured by: "Cuff for a 171 mm wrist", "Ring, US 7, UK N, ISO 54". */
export function kindWords(
  kind: Piece["kind"],
  fit: Pick<Fit, "wrist_mm" | "size_words"> | null,
  length: (mm: number) => string,
): string {
  if (!fit) return KINDS[kind];
  if (fit.size_words) return `${KINDS[kind]}, ${fit.size_words}`;
  return fit.wrist_mm === null ? KINDS[kind] : `${KINDS[kind]} for a ${length(fit.wrist_mm)} wrist`;
}
