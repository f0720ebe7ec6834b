import { braids } from "./braids";
import { fabrics } from "./fabrics";
import { knots } from "./knots";
import { compared } from "./compared";
import { learning } from "./learning";
import { makings } from "./makings";
import { call, sentences } from "./call";
import { type Choices, type Craft, learn } from "../choices/choices";
import type { Filler, Hold, TrayBead } from "./beads";
import type { WholeInSpace } from "./space";
import type { Fault } from "../generated/fault";
import type { Finished } from "../generated/finished";
import type { Picture } from "../generated/picture";
import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";

/** A document as it was read, with its plan. */
export interface Answer {
  document: Piece;
  plan: Plan;
  /** Pictures of the plan that are new, by their hashes. */
  drawn?: Record<string, Picture | Finished>;
}

/** What is asked about: the only section of a piece, or one of several. */
export interface Asked {
  document: Piece;
  section?: string;
}

export interface Stamp {
  id: string;
  name: string;
  revision: number;
  saved_at: string;
  /** The collection it hangs in, if any. */
  collection: string | null;
  set_aside: boolean;
}

export type StoredPiece = Stamp &
  Answer & {
    /** Where it has other counts than by earlier rules: said in words, and the piece with the counts it had. */
    anew?: { words: string; document: Piece };
  };

/** A piece on the shelf that cannot be planned any more. */
export interface FaultyPiece extends Stamp {
  fault: { detail: string; faults: Fault[] };
}

/** A piece as it lies on the shelf. */
export interface ShelfPiece extends Stamp {
  fault?: undefined;
  kind: Piece["kind"];
  /** How it is worn, where it is measured round something. */
  worn: Pick<Worn, "strip_mm" | "round_mm" | "opening_mm" | "wrist_mm" | "size_words"> | null;
  /** Of a piece that is one straight strip; across_mm: how high it is drawn, endings and all. */
  strip?: { picture: string; across_mm: number; width_mm: number; thickness_mm: number; repeats: number };
  /** Of any other. */
  finished?: Plan["finished"];
  beads?: Pick<Plan["beads"], "drawn">;
  extent: Plan["extent"];
  sections: string[];
  pieces: number;
  mass_g: number;
  wires: string[];
  stops: number;
}

/** What a piece may begin as: one of its kinds, or a bracelet that is braided, crocheted or knotted. */
export type Start = Piece["kind"] | "plait" | "crochet" | "knotted";

/** How a piece is worn; a section as a straight strip, before it is bent. */
export type Worn = NonNullable<Plan["worn"]>;
export type Strip = NonNullable<Plan["sections"][number]["strip"]>;

export interface Shelf {
  pieces: (ShelfPiece | FaultyPiece)[];
  set_aside: Stamp[];
}

/** Some gaps, so many times. */
export interface Stretch {
  gaps: number[];
  times: number | null;
  length?: { typed: string } | null;
}

/** What is said of a move: whether it is the next one, the one that is, and why. */
export interface Judgement {
  right: boolean;
  words: string;
  why: string;
}

/** A weave to begin from: a walk over so many base wires, with the coils that close it. */
export interface Sample {
  key: string;
  name: string;
  base: number;
  gaps: number[];
  before: Stretch[];
  after: Stretch[];
  /** How many weaving wires wide its gaps stand, null for as close as the weave lets them. */
  clear: number | null;
  /** How many round one and round both, where it is a coil pattern. */
  coils: [number, number] | null;
  suits: string;
}

/** A weave the maker named, as a document tells it. */
export type OwnWeave = NonNullable<Piece["weaves"]>[number];

/** A weave in the maker's own wires. */
export interface Trial {
  figures: {
    advance_mm: number;
    wire_per_cm_mm: number;
    width_mm: number;
    bend_mm: number | null;
    bare_mm: number;
  };
  picture: string;
}

export interface Weaves {
  weaves: (Trial & { key: string })[];
  /** The maker's own; the id is null where one only came with the piece. */
  own: (Trial & { id: string | null; weave: OwnWeave; sample: Sample })[];
}

/** One even filling of a length: coils between the motifs, motifs, and what the section and its bare ends become. */
export interface Filling {
  between: number;
  repeats: number;
  woven_mm: number;
  left_mm: number;
  bare_mm: number;
  from: "end" | "middle";
  pattern: Extract<Extract<Piece["sections"][number], { craft: "weave" }>["pattern"], { kind: "walk" }>;
}

/** How the maker works: wraps a minute, how hard coils are pushed together, and what new pieces begin with (null: the usual). */
export interface Maker {
  pace: number;
  /** Of crafts that go otherwise, moves a minute. */
  paces: Partial<Record<"weave" | "braid" | "crochet" | "knot", number | null>>;
  push: "lightly" | "well" | "hard";
  allowances: Piece["allowances"] | null;
}

export interface Catalogue {
  /** strip: it is one straight strip, as long as what it is worn on asks for. */
  kinds: { key: Piece["kind"]; name: string; strip: boolean }[];
  metals: { key: string; name: string; colour: string; cord: boolean }[];
  tempers: { key: string; name: string }[];
  eases: { name: string; mm: number }[];
  beads: { materials: { key: string; name: string }[]; shapes: { key: string; name: string }[] };
  crafts: Record<string, Craft>;
  sentences: Choices;
  weaves: Sample[];
  /** By number of base wires: what to weave before the repeats to bring the wires in. */
  beginnings: Record<string, Record<"one_by_one" | "in_pairs", Sample["after"]>>;
  starts: Record<Start, Piece>;
}

export type * from "./beads";
export { ApiProblem, sentences } from "./call";

const piece = (id: string) => `/api/pieces/${encodeURIComponent(id)}`;

export const api = {
  shelf: () => call<Shelf>("GET", "/api/pieces"),
  catalogue: async () => {
    const catalogue = await call<Catalogue>("GET", "/api/catalogue");
    learn(catalogue);
    return catalogue;
  },
  plan: (document: Piece) => call<Answer>("POST", "/api/plan", { document }),
  weaves: (asked: Asked) => call<Weaves>("POST", "/api/weaves", asked),
  ...braids,
  ...fabrics,
  ...knots,
  ...compared,
  ...makings,
  ...learning,
  readWeave: (text: string, base: number) => call<{ gaps: number[] }>("POST", "/api/weaves/read", { text, base }),
  /** The piece with its walk said in short notation, and its plan. */
  sayWeave: (asked: Asked & { text: string }) => call<Answer>("POST", "/api/weaves/say", asked),
  joinGroups: (asked: { base: number; groups: Strip["weave"]["groups"]; before: Stretch[]; after: Stretch[] }) =>
    call<{ gaps: number[]; before: Stretch[]; after: Stretch[] }>("POST", "/api/weaves/join", asked),
  fillEvenly: (asked: Asked & { strip: { typed: string }; free: number }) =>
    call<{ fillings: Filling[] }>("POST", "/api/weaves/even", asked),
  ownWeaves: () => call<{ weaves: { id: string; name: string }[] }>("GET", "/api/own-weaves"),
  keepWeave: (weave: OwnWeave) => call<{ id: string }>("POST", "/api/own-weaves", weave),
  putWeave: (id: string, weave: OwnWeave) => call<void>("PUT", `/api/own-weaves/${id}`, weave),
  dropWeave: (id: string) => call<void>("DELETE", `/api/own-weaves/${id}`),
  restoreWeave: (id: string) => call<void>("POST", `/api/own-weaves/${id}/restore`),
  tray: () => call<{ beads: TrayBead[] }>("GET", "/api/tray"),
  keepBead: (entry: { bead: unknown; stock: unknown }) => call<{ id: string }>("POST", "/api/tray", entry),
  putBead: (id: string, entry: { bead: unknown; stock: unknown }) => call<void>("PUT", `/api/tray/${id}`, entry),
  dropBead: (id: string) => call<void>("DELETE", `/api/tray/${id}`),
  restoreBead: (id: string) => call<void>("POST", `/api/tray/${id}/restore`),
  fitBeads: (asked: { gap: { typed: string }; wires: { typed: string }[] }) =>
    call<{ fits: Filler[] }>("POST", "/api/tray/fit", asked),
  holdGap: (gap: { typed: string }) => call<{ holds: Hold[] }>("POST", "/api/tray/hold", { gap }),
  maker: () => call<Maker>("GET", "/api/maker"),
  sayMaker: (maker: Maker) => call<Maker>("PUT", "/api/maker", maker),
  judge: (asked: Asked & { made: number; said: number; turned: boolean }) =>
    call<Judgement>("POST", "/api/weaves/judge", asked),
  space: (document: Piece) => call<WholeInSpace>("POST", "/api/space", { document }),
  picture: (hash: string) => call<Picture>("GET", `/api/pictures/${hash}`),
  finished: (hash: string) => call<Finished>("GET", `/api/pictures/${hash}`),
  open: (id: string) => call<StoredPiece>("GET", piece(id)),
  create: (document: unknown) => call<StoredPiece>("POST", "/api/pieces", { document }),
  start: (kind: Start) => call<StoredPiece>("POST", "/api/pieces", { start: kind }),
  putInCollection: (id: string, collection: string | null) =>
    call<Stamp>("PUT", `${piece(id)}/collection`, { collection }),
  save: (id: string, revision: number, document: Piece) => call<Stamp>("PUT", piece(id), { revision, document }),
  /** Goes back to the last version that can be planned. */
  mend: (id: string) => call<ShelfPiece>("POST", `${piece(id)}/mend`),
  /** The maker has seen that it was planned anew. */
  seen: (id: string) => call<void>("POST", `${piece(id)}/seen`),
  duplicate: (id: string) => call<ShelfPiece>("POST", `${piece(id)}/duplicate`),
  setAside: (id: string) => call<void>("DELETE", piece(id)),
  restore: (id: string) => call<ShelfPiece>("POST", `${piece(id)}/restore`),
  /** The address of a stored piece in another format. */
  file: (id: string, name: "document.json" | "cut-list.csv" | "strip.svg", query: Record<string, unknown> = {}) =>
    `${piece(id)}/${name}?${new URLSearchParams({ units: sentences.units, ...query } as Record<string, string>)}`,
};
