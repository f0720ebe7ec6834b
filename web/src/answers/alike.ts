import type { Plan } from "../generated/plan";
import { sectionsNamed } from "./together";

type Item = Plan["advice"][number];
const OF_ONE = /^Section (\d+): (.+)$/;

/** What is said alike of several sections, said once: "Sections 1 to 6: the frame is closed at both ends". */
export function saidOnce(advice: readonly Item[]): Item[] {
  const alike = Map.groupBy(advice, (item) => {
    const what = OF_ONE.exec(item.title)?.[2];
    return what && item.offers.length === 0
      ? JSON.stringify([item.id, item.severity, what, item.why, item.remedy])
      : `${item.place} ${item.title}`;
  });
  return [...alike.values()].map((items) => {
    const read = items.map((item) => OF_ONE.exec(item.title));
    if (items.length === 1 || read.some((one) => !one)) return items[0]!;
    const numbers = read.map((one) => Number(one![1]));
    return { ...items[0]!, title: `Sections ${sectionsNamed(numbers)}: ${read[0]![2]}` };
  });
}
