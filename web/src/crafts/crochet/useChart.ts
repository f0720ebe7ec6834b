import { computed } from "vue";
import { useBench } from "../../bench/useBench";
import { chartOf } from "./chartOf";

/** The chart of the section in hand. */
export function useChart() {
  const bench = useBench();
  return computed(() => chartOf(bench.draft.value!, bench.hand.value, bench.crochet.value!));
}
