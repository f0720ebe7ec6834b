<script setup lang="ts">
import { computed, defineAsyncComponent } from "vue";
import { useBench } from "../../bench/useBench";
import BraidDiagram from "./BraidDiagram.vue";
import BraidPlayer from "./BraidPlayer.vue";
import { turnedOver, withCrossings } from "./braid";
import { useColours } from "./useColours";

const WholeSpace = defineAsyncComponent(() => import("../../space/WholeSpace.vue"));
/** The braid in hand by its crossings: as a diagram that can be pointed at, or being made, move by move. */
const props = defineProps<{ view: "walk" | "made" | "point" | "space" }>();
defineEmits<{ close: [] }>();
const bench = useBench();
const told = computed(() => bench.braid.value!);
const colours = useColours();
/** So many rounds show how it goes on. */
const ROUNDS = 3;
const MOST = 24;
const crossings = computed(() => {
  const { crossings: round } = told.value;
  if (props.view === "point") return round;
  return Array.from({ length: Math.max(Math.min(ROUNDS, Math.floor(MOST / round.length)), 1) }, () => round).flat();
});
const turnOver = (at: number) =>
  bench.change(withCrossings(bench.draft.value!, bench.hand.value, turnedOver(told.value.crossings, at)));
</script>

<template>
  <section class="panel" aria-label="The braid by its crossings">
    <BraidPlayer v-if="view === 'made'" :key="bench.hand.value" @close="$emit('close')" />
    <WholeSpace v-else-if="view === 'space'" />
    <div v-else class="braid-walk d-flex gap-4 align-items-start">
      <BraidDiagram
        :strands="told.strands.length"
        :crossings="crossings"
        :colours="colours"
        :label="`${view === 'point' ? 'One round' : 'The crossings, round after round'}, the beginning at the top`"
        :pressed="view === 'point'"
        @press="turnOver"
      />
      <ol class="serif fs-5 lh-lg">
        <li v-for="(move, i) in told.moves" :key="i">{{ move }}</li>
        <li class="quiet list-unstyled">
          {{ view === "point" ? "Press a crossing to turn it over." : "… and again from the first." }}
        </li>
      </ol>
    </div>
  </section>
</template>
