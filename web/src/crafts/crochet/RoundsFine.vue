<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../../bench/useBench";
import LiveCount from "../../brief/LiveCount.vue";
import { crochet } from "./crochet";

/** How a motif grows: as it lies flat, or by so many stitches a round. */
const bench = useBench();
const fabric = computed(() => crochet(bench.draft.value!, bench.hand.value).fabric);
const told = bench.crochet;
const first = computed(() => told.value?.rows[0]?.heads ?? 10);
const more = 6;
const inwards = computed(() => told.value?.begun.kind === "within");
const path = (key: string) => bench.path(`fabric/${key}`);
</script>

<template>
  <p class="flex-fill mb-0">
    <template v-if="fabric.kind === 'disc'"
      >The first round has
      <template v-if="fabric.first != null"
        ><LiveCount :path="path('first')" label="Stitches of the first round" /> stitches<button
          type="button"
          class="unfold plain ms-1"
          aria-label="Stitches of the first round: as many as lie flat again"
          @click="bench.edit(path('first'), null)"
        >
          ×
        </button></template
      ><button v-else type="button" class="unfold plain" @click="bench.edit(path('first'), first)">
        as many stitches as lie flat</button
      >.
    </template>
    Each round has
    <template v-if="'more' in fabric && fabric.more != null"
      ><LiveCount :path="path('more')" :label="`Stitches ${inwards ? 'fewer' : 'more'} each round`" />
      {{ inwards ? "fewer" : "more" }} than the last<button
        type="button"
        class="unfold plain ms-1"
        :aria-label="`Stitches ${inwards ? 'fewer' : 'more'} each round: as lies flat again`"
        @click="bench.edit(path('more'), null)"
      >
        ×
      </button></template
    ><button v-else type="button" class="unfold plain" @click="bench.edit(path('more'), more)">
      as many {{ inwards ? "fewer" : "more" }} as lie flat</button
    >.
    <template v-if="told?.ruffle != null && told.ruffle > 0.06">It ruffles.</template>
  </p>
</template>
