<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../../bench/useBench";
import LiveCount from "../../brief/LiveCount.vue";
import LiveSize from "../../brief/LiveSize.vue";
import { mm } from "../../choices/choices";
import { knotted } from "./knot";

/** What a swatch of the knots used. */
const bench = useBench();
const now = computed(() => knotted(bench.draft.value!, bench.hand.value));
const start = () => ({ knots: 10, length: mm(42), used: mm(180) });
</script>

<template>
  <div class="flex-fill">
    <p class="mb-0">
      <template v-if="now.swatch"
        >A swatch of <LiveCount :path="bench.path('swatch/knots')" label="Knots in the swatch" /> square or half knots
        reached <LiveSize :path="bench.path('swatch/length')" label="Length of the swatch" :by="1" /> and used
        <LiveSize :path="bench.path('swatch/used')" label="Cord in the swatch" :by="5" /> of one working cord<button
          type="button"
          class="unfold plain ms-1"
          aria-label="Without a swatch again"
          @click="bench.edit(bench.path('swatch'), null)"
        >
          ×</button
        >.
      </template>
      <button v-else type="button" class="unfold plain" @click="bench.edit(bench.path('swatch'), start())">
        Measure a swatch
      </button>
    </p>
    <small class="quiet sans d-block lh-sm"
      >Tie some knots as you always do and measure how far they reach; undo them and measure one working cord: all
      lengths follow it.</small
    >
  </div>
</template>
