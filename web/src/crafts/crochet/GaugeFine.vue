<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../../bench/useBench";
import LiveCount from "../../brief/LiveCount.vue";
import LiveSize from "../../brief/LiveSize.vue";
import MaybeSize from "../../brief/MaybeSize.vue";
import { mm } from "../../choices/choices";
import { useFormat } from "../../units/format";
import { crochet } from "./crochet";

/** How large stitches come out: of the hook, or of a swatch. */
const bench = useBench();
const format = useFormat();
const now = computed(() => crochet(bench.draft.value!, bench.hand.value));
const gauge = computed(() => bench.crochet.value?.gauge);
const chains = computed(() => now.value.fabric.kind === "cord");
const OVER = 50;
const tenth = (value: number) => Number(value.toFixed(1));
function swatch() {
  const { stitch_mm, row_mm } = gauge.value ?? { stitch_mm: 3, row_mm: 3 };
  return { over: mm(OVER), stitches: tenth(OVER / stitch_mm), rows: row_mm ? tenth(OVER / row_mm) : null, used: null };
}
const used = () => mm(1000);
</script>

<template>
  <div class="flex-fill">
    <p class="mb-0">
      <template v-if="gauge"
        >A stitch is {{ format.length(gauge.stitch_mm) }} wide<template v-if="gauge.row_mm"
          >, a row {{ format.length(gauge.row_mm) }} high</template
        >.
      </template>
      <template v-if="now.swatch">
        A swatch has
        <LiveCount :path="bench.path('swatch/stitches')" label="Stitches in the swatch" /> stitches<template
          v-if="now.swatch.rows != null"
        >
          and <LiveCount :path="bench.path('swatch/rows')" label="Rows in the swatch" /> rows</template
        >
        in <LiveSize :path="bench.path('swatch/over')" label="Size of the swatch" :by="5" />;
        {{ chains ? "so long a chain" : "a square of that" }} used
        <MaybeSize
          :path="bench.path('swatch/used')"
          label="Wire in the swatch"
          usual="not measured"
          :start="used"
          :by="10"
        />
        of each wire<button
          type="button"
          class="unfold plain ms-1"
          aria-label="Without a swatch again"
          @click="bench.edit(bench.path('swatch'), null)"
        >
          ×</button
        >.
      </template>
      <button v-else type="button" class="unfold plain" @click="bench.edit(bench.path('swatch'), swatch())">
        Measure a swatch
      </button>
    </p>
    <small class="quiet sans d-block lh-sm"
      >Crochet a square as you always do, count its stitches and rows, undo it and measure the wire: all sizes and
      lengths follow it.</small
    >
  </div>
</template>
