<script setup lang="ts">
import { computed } from "vue";
import type { MakingTold } from "../api/makings";

/** What the plan says now that something became other than planned: does the wire reach, whom does it fit. */
const props = defineProps<{ told: MakingTold }>();
const lines = computed(() => [
  ...props.told.lengths.map((one) => ({ words: one.words, short: one.left_mm < 0 })),
  ...(props.told.fits ? [{ words: props.told.fits, short: false }] : []),
]);
</script>

<template>
  <section v-if="lines.length" class="panel mt-3" aria-label="What is left">
    <h2>With what was really done</h2>
    <div role="status">
      <p v-for="(one, i) in lines" :key="i" class="mb-1" :class="{ 'text-danger fw-semibold': one.short }">
        {{ one.words }}
      </p>
    </div>
  </section>
</template>
