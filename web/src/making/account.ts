import type { MakingEvent, MakingTold, StepTold } from "../api/makings";

/**
 * What was told of a making, with events that are not sent yet laid over it. `known`: events of late, by which one that
 * was sent already is taken back at once; where that cannot be told here, the answer tells it.
 */
export function withPending(told: MakingTold, pending: MakingEvent[], known: MakingEvent[] = []): MakingTold {
  if (!pending.length) return told;
  const next = structuredClone(told);
  const undone = new Set(pending.flatMap((event) => (event.kind === "undo" ? [event.event] : [])));
  for (const event of pending) if (!undone.has(event.id)) take(next, event);
  for (const event of known) if (undone.has(event.id) && !pending.some((one) => one.id === event.id)) back(next, event);
  next.done = next.steps.filter((one) => one.done).length;
  const hand = next.steps.findIndex((one) => !one.done);
  next.hand = hand < 0 ? null : hand;
  return next;
}

function back(told: MakingTold, event: MakingEvent) {
  if (event.kind === "count") take(told, { ...event, by: -event.by });
  else if (event.kind === "done") take(told, { ...event, kind: "open" });
  else if (event.kind === "open") take(told, { ...event, kind: "done" });
}

function take(told: MakingTold, event: MakingEvent) {
  if (!("step" in event)) return takeWhole(told, event);
  const step = told.steps[event.step];
  if (step) takeAt(step, event);
}

type Whole = Exclude<MakingEvent, { step: number }>;

function takeWhole(told: MakingTold, event: Whole) {
  switch (event.kind) {
    case "pause":
    case "go":
      return void (told.resting = event.kind === "pause");
    case "finish":
    case "back":
      return void (told.finished_at = event.kind === "finish" ? event.at : null);
    default:
      takeSaid(told, event);
  }
}

function takeSaid(told: MakingTold, event: Whole) {
  switch (event.kind) {
    case "looked": {
      const item = [...told.laid_out, ...told.looked].find((one) => one.id === event.item);
      return void (item && (item.found = event.found));
    }
    case "rated":
      return void (told.rated = event.stars);
    case "due":
      return void (told.due = event.on || null);
    case "offcut":
      told.offcuts.push({ words: event.words, mm: event.mm });
  }
}

function takeAt(step: StepTold, event: MakingEvent & { step: number }) {
  const most = step.wanted ?? 0;
  switch (event.kind) {
    case "count":
      return void (step.count = Math.min(Math.max(step.count + event.by, 0), most));
    case "done":
    case "open":
      return void (step.done = event.kind === "done");
    case "cut":
      return void (step.cuts[String(event.length)] = event.mm);
    case "joined":
      return void step.joins.push({ of: event.of, after: event.after, mm: event.mm });
    case "note":
      return void step.notes.push(event.text);
    case "differs":
      step.differs =
        event.count === step.wanted
          ? null
          : { step: event.step, made: event.count, wanted: most, longer_mm: 0, words: "" };
  }
}
