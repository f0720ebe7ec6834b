<script setup lang="ts">
import { computed } from "vue";
import type { Month } from "./log";

/** A figure of every month as a bar, the highest as high as there is room; each is told in words as well. */
const props = defineProps<{
  months: Month[];
  of: "hours" | "wire_mm";
  name: string;
  words: (value: number) => string;
}>();
const [WIDE, HIGH, GAP] = [28, 44, 6];
const most = computed(() => Math.max(...props.months.map((one) => one[props.of]), Number.EPSILON));
const bars = computed(() =>
  props.months.map((month, i) => {
    const height = Math.max((month[props.of] / most.value) * HIGH, month[props.of] > 0 ? 1 : 0);
    return {
      ...month,
      x: i * (WIDE + GAP),
      height,
      y: HIGH - height,
      words: `${month.name}: ${props.words(month[props.of])}`,
    };
  }),
);
</script>

<template>
  <figure class="mb-0">
    <figcaption class="quiet">{{ name }}</figcaption>
    <svg
      :width="bars.length * (WIDE + GAP)"
      :height="HIGH + 16"
      role="img"
      :aria-label="`${name}: ${bars.map((bar) => bar.words).join('; ')}`"
    >
      <g v-for="bar in bars" :key="bar.key">
        <title>{{ bar.words }}</title>
        <rect class="month-bar" :x="bar.x" :y="bar.y" :width="WIDE" :height="bar.height" />
        <text class="month-name" :x="bar.x + WIDE / 2" :y="HIGH + 13" text-anchor="middle">{{ bar.short }}</text>
      </g>
    </svg>
  </figure>
</template>
