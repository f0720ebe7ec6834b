/**
 * What stands small after a typed length: its unit where it was typed bare, its reading in the maker's unit where it was
 * typed in another, nothing where that would say the same again.
 */
export function alsoReads(typed: string, shown: string): string | undefined {
  const plain = (text: string) => text.replace(/\s/g, "").replace(",", ".");
  const unit = shown.replace(/^[\d.]+\s*/, "");
  if (/^[\d.,]+$/.test(typed) && unit === "mm") return unit;
  if (/^[\d.,]+\s*mm$/.test(typed) && unit === "mm") return undefined;
  return plain(typed) === plain(shown) ? undefined : shown;
}
