import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";
import { call } from "./call";

type PlannedStep = Plan["order"][number];

/** A step of a making: what is counted in it, in which units, what is to be cut and what it uses of that. */
export interface MakingStep {
  number: number;
  kind: string;
  section: string | null;
  craft: string | null;
  words: string;
  caution: string | null;
  minutes: number;
  makes: PlannedStep["makes"];
  count: number | null;
  mm: number | null;
  units: { name: string; many: string; each: number }[];
  /** Of the second of a pair: the same step of the first. */
  first: number | null;
  /** Of the second half, or of a frame after the first: the same step of the first. */
  like: number | null;
  /** What it is made like, in words. */
  model: string | null;
  cuts: PlannedStep["cuts"];
  /** What one of what is counted uses. */
  takes: { of: string; mm: number }[];
}
/** How far a step is. */
export interface StepTold {
  number: number;
  count: number;
  wanted: number | null;
  done: boolean;
  cuts: Record<string, number>;
  notes: string[];
  joins: { of: string; after: number; mm: number }[];
  worked_ms: number;
  differs: { step: number; made: number; wanted: number; longer_mm: number; words: string } | null;
  /** What was really done at the same step of the first one, or of the first half. */
  before: string[];
}
export interface MakingTold {
  steps: StepTold[];
  hand: number | null;
  worked_ms: number;
  resting: boolean;
  finished_at: number | null;
  done: number;
  of: number;
  differs: NonNullable<StepTold["differs"]>[];
  /** Lengths that are other than planned: whether they still reach. */
  lengths: { of: string; cut_mm: number; left_mm: number; words: string }[];
  /** Whom it fits now, where that is other than planned. */
  fits: string | null;
  rated: number | null;
  due: string | null;
  offcuts: { words: string; mm: number }[];
  /** What is laid out before it is begun, and what of that is there. */
  laid_out: { id: string; words: string; found: Found | null }[];
  /** What it is looked over for, and what was found. */
  looked: { id: string; words: string; found: Found | null }[];
}
export type Found = "pass" | "mend" | "mended";
interface Head {
  id: string;
  piece: string | null;
  name: string;
  begun_at: string;
  last_at: string;
  taken: number;
  set_aside: boolean;
}
interface Photo {
  id: string;
  words: string;
}
export interface Making extends Head {
  /** What became of the piece it was begun from. */
  piece_now: "same" | "changed" | "gone";
  document: Piece;
  /** Of a pair whose second one is made as its mirror image: that. */
  second: Piece | null;
  steps: MakingStep[];
  told: MakingTold;
  photos: Photo[];
}
/** A making as it lies in the log. */
export interface MakingRow extends Head {
  done: number;
  of: number;
  worked_ms: number;
  planned_ms: number;
  finished_at: number | null;
  differs: number;
  due: string | null;
  rated: number | null;
  wire_mm: number;
  mend: number;
  /** By section: how long it was worked, and how long it was planned, in ms. */
  sections: Record<string, [number, number]>;
}
/** How fast a craft went, over so long in so many makings. */
export interface Learned {
  craft: string;
  pace: number;
  minutes: number;
  makings: number;
}

/** What happened, with an id of its own and when. */
export type MakingEvent = { id: string; at: number } & (
  | { kind: "count"; step: number; by: number }
  | { kind: "done" | "open"; step: number }
  | { kind: "cut"; step: number; length: number; mm: number }
  | { kind: "differs"; step: number; count: number }
  | { kind: "joined"; step: number; of: string; after: number; mm: number }
  | { kind: "note"; step: number; text: string }
  | { kind: "looked"; item: string; found: Found }
  | { kind: "rated"; stars: number }
  | { kind: "due"; on: string }
  | { kind: "offcut"; words: string; mm: number }
  | { kind: "undo"; event: string }
  | { kind: "pause" | "go" | "finish" | "back" }
);

export const makings = {
  beginMaking: (piece: string) => call<Making>("POST", `/api/pieces/${piece}/makings`, {}),
  making: (id: string) => call<Making>("GET", `/api/makings/${id}`),
  makings: (asked: { q?: string; piece?: string } = {}) =>
    call<{ makings: MakingRow[]; learned: Learned[] }>("GET", `/api/makings?${new URLSearchParams(asked)}`),
  happened: (id: string, events: MakingEvent[]) =>
    call<Head & { told: MakingTold }>("POST", `/api/makings/${id}/events`, { events }),
  readMaking: (making: unknown) => call<Making>("POST", "/api/makings", making),
  setMakingAside: (id: string) => call<void>("DELETE", `/api/makings/${id}`),
  restoreMaking: (id: string) => call<void>("POST", `/api/makings/${id}/restore`, {}),
  removePhoto: (making: string, id: string) => call<void>("DELETE", `/api/makings/${making}/photos/${id}`),
};
