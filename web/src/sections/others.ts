import type { Piece } from "../generated/piece";
import { baseOf } from "../document/routes";
import { type Formed, isFormed } from "./document";

type Part = Piece["sections"][number];
const kindOf = (one: Part) => ("bend" in one ? one.bend : "form" in one ? one.form : undefined)?.kind;
/** What a section is by itself, wherever it stands. */
const own = (one: Formed) => JSON.stringify({ ...one, id: "", at: "" });

/** Sections of one kind with another, on as many base wires, that are not like it: their places in the piece. */
export function unlike(piece: Piece, index: number): number[] {
  const model = piece.sections[index]!;
  if (!isFormed(model)) return [];
  const wires = baseOf(piece, model.id).length;
  return piece.sections.flatMap((one, i) => {
    const same = isFormed(one) && one.craft === model.craft && kindOf(one) === kindOf(model);
    return same && baseOf(piece, one.id).length === wires && own(one) !== own(model) ? [i] : [];
  });
}

/** Those made like it, each where it stands. */
export function withOthersLike(piece: Piece, index: number): Piece {
  const model = piece.sections[index] as Formed;
  const others = unlike(piece, index);
  const sections = piece.sections.map((one, i) =>
    others.includes(i) ? ({ ...model, id: one.id, at: (one as Formed).at } as Part) : one,
  );
  return { ...piece, sections };
}
