import { call } from "./call";

/** A piece of the way in: what it teaches, what it takes, and the one there is of it. */
export interface PathStep {
  key: string;
  name: string;
  teaches: string;
  minutes: number;
  wire: string[];
  beads: string[];
  piece: string | null;
  made: boolean;
}
/** A move that went wrong while a section was practised. */
export interface ToPractise {
  piece: string;
  name: string;
  section: string;
  number: number | null;
  move: string;
  asked: number;
  wrong: number;
}

export const learning = {
  path: () => call<{ path: PathStep[] }>("GET", "/api/path"),
  beginPath: (key: string) => call<{ id: string }>("POST", `/api/path/${key}`, {}),
  toPractise: () => call<{ next: ToPractise[] }>("GET", "/api/practised"),
  practised: (said: { piece: string; section: string; move: string; right: boolean; id: string }) =>
    call<void>("POST", "/api/practised", said),
};
