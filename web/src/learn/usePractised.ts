import { onMounted } from "vue";
import { useRoute } from "vue-router";
import { useBench } from "../bench/useBench";
import { keepPractised } from "./unsent";

/**
 * Keeps what was practised on the bench, so that it can be told what to practise next. `begin`: practising, where the
 * bench was opened for it.
 */
export function usePractised(begin: () => void) {
  const bench = useBench();
  const route = useRoute();
  onMounted(() => route.query.practise !== undefined && begin());
  return (move: string, right: boolean) => {
    if (!bench.id || !move) return;
    keepPractised({ piece: bench.id, section: bench.hand.value, move: move.slice(0, 200), right });
  };
}
