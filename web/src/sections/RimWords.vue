<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import LiveChoice from "../brief/LiveChoice.vue";
import MaybeSize from "../brief/MaybeSize.vue";
import { mm } from "../choices/choices";
import { isWeave } from "./bends";
import { sidesOf } from "./rim";

/** How the section in hand hangs from a bent wire, or an edge of a weave: to which side, or which edge, and how far along it. */
const props = defineProps<{ wire: string; side: string; along: object | null }>();
const bench = useBench();
const edge = computed(() => isWeave(bench.draft.value!, props.wire));
const sides = computed(() => sidesOf(bench.draft.value!, props.wire));
/** Half-way, in whole mm. */
function halfWay() {
  const wire = bench.answer.value?.plan.sections.find(({ id }) => id === props.wire);
  return mm(Math.round((wire?.length_mm ?? 20) / 2));
}
</script>

<template>
  <LiveChoice
    :value="side"
    :options="sides"
    :label="edge ? 'Edge it hangs from' : 'Side of the wire it hangs to'"
    @change="(key) => bench.edit(bench.path('at/side'), key)"
  />, its middle
  <MaybeSize
    :path="bench.path('at/along')"
    :label="`Distance along the ${edge ? 'edge' : 'wire'}`"
    usual="half-way along it"
    :start="halfWay"
    :by="0.5"
  />{{ along ? " along it" : "" }}
</template>
