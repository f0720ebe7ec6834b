import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";
import { call } from "./call";

/** A step of a making: what is counted in it, in which units, and what is to be cut. */
export interface MakingStep {
  number: number;
  kind: string;
  section: string | null;
  words: string;
  caution: string | null;
  minutes: number;
  makes: Plan["order"][number]["makes"];
  count: number | null;
  mm: number | null;
  units: { name: string; each: number }[];
  /** Of the second of a pair: the same step of the first. */
  first: number | null;
  cuts: { name: string; mm: number }[];
}
/** How far a step is. */
export interface StepTold {
  number: number;
  count: number;
  wanted: number | null;
  done: boolean;
  cuts: Record<string, number>;
  notes: string[];
  differs: { step: number; made: number; wanted: number; longer_mm: number } | null;
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
  /** What it is looked over for, and what was found. */
  looked: { id: string; words: string; found: "pass" | "mend" | null }[];
}
interface Head {
  id: string;
  piece: string | null;
  name: string;
  begun_at: string;
  last_at: string;
  taken: number;
  set_aside: boolean;
}
export interface Making extends Head {
  document: Piece;
  steps: MakingStep[];
  told: MakingTold;
}
/** A making as it lies in the log. */
export interface MakingRow extends Head {
  done: number;
  of: number;
  worked_ms: number;
  finished_at: number | null;
  differs: number;
}

/** What happened, with an id of its own and when. */
export type MakingEvent = { id: string; at: number } & (
  | { kind: "count"; step: number; by: number }
  | { kind: "done" | "open"; step: number }
  | { kind: "cut"; step: number; length: number; mm: number }
  | { kind: "differs"; step: number; count: number }
  | { kind: "note"; step: number; text: string }
  | { kind: "looked"; item: string; found: "pass" | "mend" }
  | { kind: "pause" | "go" | "finish" | "back" }
);

export const makings = {
  beginMaking: (piece: string) => call<Making>("POST", `/api/pieces/${piece}/makings`, {}),
  making: (id: string) => call<Making>("GET", `/api/makings/${id}`),
  makings: (asked: { q?: string; piece?: string } = {}) =>
    call<{ makings: MakingRow[] }>("GET", `/api/makings?${new URLSearchParams(asked)}`),
  happened: (id: string, events: MakingEvent[]) =>
    call<Head & { told: MakingTold }>("POST", `/api/makings/${id}/events`, { events }),
  setMakingAside: (id: string) => call<void>("DELETE", `/api/makings/${id}`),
  restoreMaking: (id: string) => call<void>("POST", `/api/makings/${id}/restore`, {}),
};
