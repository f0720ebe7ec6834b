<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../../bench/useBench";
import LiveSize from "../../brief/LiveSize.vue";
import MaybeSize from "../../brief/MaybeSize.vue";
import { mm } from "../../choices/choices";
import { braid, stitches } from "./braid";

/** How tight it is drawn, and what a swatch of it took. */
const bench = useBench();
const now = computed(() => braid(bench.draft.value!, bench.hand.value));
const flat = computed(() => now.value.scheme.kind === "flat");
const round = (value: number) => mm(Number(value.toFixed(2)));
const pitch = () => round(bench.braid.value?.pitch_mm ?? 3);
const LENGTH = 50;
const swatch = () => ({ length: mm(LENGTH), used: round(LENGTH * (bench.braid.value?.take_up ?? 1.2)) });
</script>

<template>
  <div class="flex-fill">
    <p class="mb-0">
      A {{ stitches(flat, 1) }} advances
      <MaybeSize :path="bench.path('pitch')" label="Length of a stitch" usual="as it usually does" :start="pitch" />.
      <template v-if="now.swatch">
        A swatch <LiveSize :path="bench.path('swatch/length')" label="Length of the swatch" /> long used
        <LiveSize :path="bench.path('swatch/used')" label="Wire of one strand in the swatch" /> of one strand<button
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
      >Braid a few centimetres as you always do, measure them, undo them and measure one strand: all lengths follow
      it.</small
    >
  </div>
</template>
