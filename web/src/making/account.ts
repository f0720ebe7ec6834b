import type { MakingEvent, MakingTold, StepTold } from "../api/makings";

/** What was told of a making, with events that are not sent yet laid over it. */
export function withPending(told: MakingTold, pending: MakingEvent[]): MakingTold {
  if (!pending.length) return told;
  const next = structuredClone(told);
  for (const event of pending) take(next, event);
  next.done = next.steps.filter((one) => one.done).length;
  const hand = next.steps.findIndex((one) => !one.done);
  next.hand = hand < 0 ? null : hand;
  return next;
}

function take(told: MakingTold, event: MakingEvent) {
  if (event.kind === "pause" || event.kind === "go") return void (told.resting = event.kind === "pause");
  if (event.kind === "finish" || event.kind === "back")
    return void (told.finished_at = event.kind === "finish" ? event.at : null);
  if (event.kind === "looked") {
    const item = told.looked.find((one) => one.id === event.item);
    return void (item && (item.found = event.found));
  }
  if (!("step" in event)) return;
  const step = told.steps[event.step];
  if (step) takeAt(step, event);
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
    case "note":
      return void step.notes.push(event.text);
    case "differs":
      step.differs =
        event.count === step.wanted ? null : { step: event.step, made: event.count, wanted: most, longer_mm: 0 };
  }
}
