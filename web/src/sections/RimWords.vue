<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import LiveChoice from "../brief/LiveChoice.vue";
import MaybeSize from "../brief/MaybeSize.vue";
import { mm } from "../choices/choices";
import { rimOf, sidesOf } from "./rim";

/** How the section in hand hangs from a bent wire, an edge of a weave or a bar of knots: to which side, which edge, told from which end, and how far along it. */
const props = defineProps<{ wire: string; side: string; along: object | null }>();
const bench = useBench();
const rim = computed(() => rimOf(bench.draft.value!, props.wire));
const LABELS = {
  edge: "Edge it hangs from",
  bar: "End its place is told from",
  wire: "Side of the wire it hangs to",
};
const sides = computed(() => sidesOf(bench.draft.value!, props.wire));
/** Half-way, in whole mm. */
function halfWay() {
  const wire = bench.answer.value?.plan.sections.find(({ id }) => id === props.wire);
  const bar = wire?.knot && wire.knot.spacing_mm * wire.knot.cords;
  return mm(Math.round((bar ?? wire?.length_mm ?? 20) / 2));
}
</script>

<template>
  <LiveChoice
    :value="side"
    :options="sides"
    :label="LABELS[rim]"
    @change="(key) => bench.edit(bench.path('at/side'), key)"
  />, its middle
  <MaybeSize
    :path="bench.path('at/along')"
    :label="`Distance along the ${rim}`"
    usual="half-way along it"
    :start="halfWay"
    :by="0.5"
  />{{ along ? " along it" : "" }}
</template>
