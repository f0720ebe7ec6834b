<script setup lang="ts">
import { computed } from "vue";
import type { Plan } from "../generated/plan";
import BeadLook from "./BeadLook.vue";

/** In what order beads are strung before the work begins, drawn to scale from the first strung to the working end. */
const props = defineProps<{
  string: Plan["beads"]["strings"][number];
  kinds: Plan["beads"]["kinds"];
  number: number;
}>();
const SCALE = 5;
/** More beads than these are told in numbers only. */
const MOST = 60;
const lookOf = (id: string) => props.kinds.find((one) => one.id === id)!.look;
const count = computed(() => props.string.runs.reduce((sum, run) => sum + run.times, 0));
const shown = computed(() => {
  const all = props.string.runs.flatMap((run) => Array.from({ length: run.times }, () => run.bead));
  return all.slice(Math.max(all.length - MOST, 0));
});
const words = computed(() => props.string.runs.map((run) => `${run.times} × ${run.name}`).join(", then "));
</script>

<template>
  <figure class="bead-string mb-2" :aria-label="`String ${number}`">
    <figcaption class="figures">
      On {{ string.copies > 1 ? `each of ${string.copies} lengths of ` : "" }}{{ string.wire
      }}{{ string.share ? `, for ${string.share}` : "" }}, {{ count }} in all: <b>{{ words }}</b>. What is used first is
      strung last.
    </figcaption>
    <div
      class="bead-row d-flex align-items-center overflow-auto py-1"
      tabindex="0"
      role="group"
      :aria-label="`Beads of string ${number}`"
    >
      <span class="bead-end panel-ground flex-shrink-0 px-2 small quiet">{{
        count > shown.length ? `… ${count - shown.length} more` : "strung first"
      }}</span>
      <BeadLook v-for="(id, i) in shown" :key="i" :look="lookOf(id)" :scale="SCALE" />
      <span class="bead-end panel-ground flex-shrink-0 px-2 small quiet">working end</span>
    </div>
  </figure>
</template>
