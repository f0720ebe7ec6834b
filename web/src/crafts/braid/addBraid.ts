import { mm } from "../../choices/choices";
import { withWire } from "../../document/change";
import { endsAt, visit } from "../../document/routes";
import type { Piece } from "../../generated/piece";
import { freshSection, isFormed, withPlace } from "../../sections/document";
import { flat, LEAST_STRANDS, MOST_STRANDS } from "./braid";

/** A braid on from the last section where its wires are as many as strands may be, else of three wires beside it. */
export function withBraidAdded(piece: Piece): Piece {
  const last = piece.sections.filter(isFormed).at(-1)!;
  const id = freshSection(piece);
  const free = endsAt(piece, last.id, "end").length;
  const goesOn = free >= LEAST_STRANDS && free <= MOST_STRANDS;
  const count = goesOn ? free : LEAST_STRANDS;
  const braid = {
    id,
    craft: "braid",
    form: { kind: "straight" },
    at: { kind: "beside", section: last.id, across: mm(10), along: mm(0), side: "far" },
    extent: { kind: "length", length: mm(60) },
    scheme: flat(),
    strands: Array.from({ length: count }, () => ({ wires: 1, twist: null })),
    pitch: null,
    swatch: null,
    bare: { length: mm(goesOn ? 0 : 3), gives: false },
  };
  const base = piece.kinds.find((kind) => kind.use === "base")!;
  const more: Piece = { ...piece, sections: [...piece.sections, braid as unknown as Piece["sections"][number]] };
  const seated = braid.strands.reduce((now, _, i) => withWire(now, base.id, [visit(id, `base ${i + 1}`)]), more);
  return goesOn ? withPlace(seated, seated.sections.length - 1, "after", last.id) : seated;
}
