import type { MakingEvent } from "../api/makings";

const WORDS: Record<Exclude<MakingEvent["kind"], "undo">, string> = {
  count: "the count",
  done: "that the step is done",
  open: "that the step is open again",
  cut: "the length cut",
  differs: "the other count",
  joined: "the join",
  note: "the note",
  looked: "what was found",
  rated: "how it came out",
  due: "the day",
  offcut: "the offcut",
  pause: "the rest",
  go: "going on",
  finish: "that it is finished",
  back: "that it is not finished",
};

/** What an undo would take back, in words. */
export function undone(event: MakingEvent | undefined) {
  if (!event || event.kind === "undo") return "";
  if (event.kind !== "count") return WORDS[event.kind];
  return event.by > 0 ? "the last one counted" : "the one taken back";
}
