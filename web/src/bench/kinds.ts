import type { Catalogue, Worn } from "../api/client";
import { withEnds, withoutEnds } from "../document/change";
import { baseOf, wireOf } from "../document/routes";
import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";
import { worn } from "./pins";
import { fromMiddle, section, withSection } from "./weave";

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
  round: Pick<Worn, "wrist_mm" | "size_words"> | null,
  length: (mm: number) => string,
): string {
  if (!round) return KINDS[kind];
  if (round.size_words) return `${KINDS[kind]}, ${round.size_words}`;
  return round.wrist_mm === null ? KINDS[kind] : `${KINDS[kind]} for a ${length(round.wrist_mm)} wrist`;
}

const isBand = (catalogue: Catalogue, kind: string) => catalogue.kinds.find((one) => one.key === kind)!.strip;
/** One straight woven section. */
const isStraight = ({ sections: [first, ...others] }: Piece) =>
  !others.length && first!.craft === "weave" && (first!.form?.kind ?? "straight") === "straight";
/** Is a piece one straight strip, as long as what it is worn on asks for? */
export const isStrip = (catalogue: Catalogue, piece: Piece) => isBand(catalogue, piece.kind) && isStraight(piece);

/** The piece as another kind, which brings what it is worn on and its own measure; wires and weave stay. `planned`: its sections as they are. */
export function withKindOfPiece(piece: Piece, kind: string, catalogue: Catalogue, planned: Plan["sections"]): Piece {
  const start = catalogue.starts[kind as Piece["kind"]];
  const ease =
    piece.worn && "ease" in piece.worn && start.worn && "ease" in start.worn ? { ease: piece.worn.ease } : {};
  const changed = {
    ...piece,
    kind: start.kind,
    pair: start.pair,
    worn: start.worn && { ...start.worn, ...ease },
    pins: measured(piece, start),
  } as Piece;
  if (isStrip(catalogue, changed)) return asStrip(changed, start);
  return isStrip(catalogue, piece) ? asGiven(changed, planned) : changed;
}

/** The pins that still measure something, by what the new kind is worn on where that is another. */
function measured(piece: Piece, start: Piece): Piece["pins"] {
  const round = worn(start);
  const kept = piece.pins.filter(({ quantity }) => !["wrist", "finger"].includes(quantity) || quantity === round);
  const own = round && worn(piece) !== round ? start.pins.filter(({ quantity }) => quantity === round) : [];
  return [...own, ...kept].map((pin, i) => ({ ...pin, id: `p${i + 1}` }));
}

/** One strip that is as long as what it is worn on asks for, with the endings such a piece begins with. */
function asStrip(piece: Piece, start: Piece): Piece {
  const { id, extent, bare } = section(piece, piece.sections[0]!.id);
  const free = worn(piece) && extent?.kind !== "repeats" ? { kind: "free" as const } : extent;
  const given = { extent: free, bare: { ...bare, gives: true } };
  const clear = { ...withSection(piece, id, given), endings: start.endings };
  const kept = piece.kind === "bracelet" ? (piece.findings ?? []).filter(({ kind }) => kind !== "ear_wire") : [];
  return (["start", "end"] as const).reduce(
    (one, of, i) =>
      withEnds(one, start.endings[i]!.id, fromMiddle(baseOf(one, id).map((wire) => ({ wire: wireOf(one, wire), of })))),
    withoutEnds({ ...clear, findings: kept }),
  );
}

/** A strip by itself is given as it came out; what was cut flush needs no ending any more. */
function asGiven(piece: Piece, planned: Plan["sections"]): Piece {
  const { id, bare } = section(piece, piece.sections[0]!.id);
  const found = planned[0]!.strip!;
  const given = withSection(piece, id, {
    extent: { kind: "repeats", count: found.repeats },
    bare: { length: bare.length, gives: false },
  });
  const plain = piece.endings.filter(({ kind }) => kind === "plain" || kind === "wrap").map((one) => one.id);
  const cleared = plain.reduce((one, ending) => withEnds(one, ending, []), given);
  return { ...cleared, endings: piece.endings.filter((one) => !plain.includes(one.id)) };
}
