import { sectionsNamed } from "./together";

/** What the sections of a piece are, those alike told once: "sections 1 and 2, an arc on a radius of 90 mm; section 3, …". */
export function partsWords(sections: { words: string }[]): string {
  if (sections.length === 1) return sections[0]!.words;
  const alike = Map.groupBy(sections.keys(), (i) => sections[i]!.words);
  return [...alike]
    .map(([words, at]) => `section${at.length > 1 ? "s" : ""} ${sectionsNamed(at.map((i) => i + 1))}, ${words}`)
    .join("; ");
}
