<script setup lang="ts">
import { computed } from "vue";
import { withPin, workedOf } from "../bench/pins";
import { useBench } from "../bench/useBench";
import { useFormat } from "../units/format";

/** One more and one fewer of what was found: repeats of the section in hand, or frames. */
const props = defineProps<{ framed: boolean }>();
const bench = useBench();
const format = useFormat();
const plan = computed(() => bench.answer.value!.plan);
const done = computed(() =>
  bench.braid.value ? "braided" : bench.crochet.value ? "crocheted" : bench.knot.value ? "knotted" : null,
);
const found = computed(() => plan.value.sections.find((one) => one.id === bench.hand.value));
const row = computed(() => (plan.value.strip ? "strip" : done.value ? "bracelet" : "row"));
const neighbours = computed(() =>
  plan.value.fit.neighbours
    .filter((one) => one.section === bench.hand.value)
    .map((one) => {
      const now = props.framed ? found.value!.copies : workedOf(found.value)!.repeats;
      // Repeats come in pairs where the work goes outwards from the middle.
      const step = Math.abs(one.repeats - now) > 1 ? "Two" : "One";
      const reached =
        one.strip_mm === null || one.off_mm === null
          ? `${format.length(one.woven_mm)} ${done.value ?? "woven"}`
          : `${row.value} ${format.length(one.strip_mm)}, ${format.signed(one.off_mm, ["short", "over"])}`;
      const wire = done.value ? "" : `, wire ${format.signed(one.weaving_change_mm, ["less", "more"])}`;
      return {
        count: one.repeats,
        words: `${step} ${one.repeats > now ? "more" : "fewer"}`,
        told: `${reached}${wire}`,
      };
    }),
);
const takeOther = (count: number) =>
  bench.change(withPin(bench.draft.value!, props.framed ? "frames" : "repeats", count, bench.hand.value));
</script>

<template>
  <ul v-if="neighbours.length" class="neighbours quiet small figures">
    <li v-for="other in neighbours" :key="other.count">
      <BButton variant="link" size="sm" @click="takeOther(other.count)">{{ other.words }}</BButton> {{ other.count }}:
      {{ other.told }}
    </li>
  </ul>
</template>
