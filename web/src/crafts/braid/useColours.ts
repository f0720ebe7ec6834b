import { computed } from "vue";
import { useBench } from "../../bench/useBench";

/** What each strand of the braid in hand is coloured: as its first wire. */
export function useColours() {
  const bench = useBench();
  return computed(() =>
    (bench.braid.value?.strands ?? []).map(
      ({ wires }) => bench.answer.value!.plan.wires.find((one) => one.id === wires[0])?.colour ?? "gray",
    ),
  );
}
