<script setup lang="ts">
import { computed } from "vue";

/** A band as it lies on the table, seen from above and to scale: a circle with its opening towards the maker. */
const props = defineProps<{
  /** Its centre line, once round. */
  roundMm: number;
  openingMm: number;
  thicknessMm: number;
  colour: string;
  weave: string;
  /** A dark line that sets the band off the ground. */
  edge: string;
  /** Pixels per mm. */
  scale: number;
}>();

const radius = computed(() => props.roundMm / (2 * Math.PI));
const box = computed(() => 2 * radius.value + props.thicknessMm + 1);
const path = computed(() => {
  const half = Math.max((Math.PI * props.openingMm) / props.roundMm, 0.012);
  const point = (angle: number) => `${radius.value * Math.sin(angle)} ${radius.value * Math.cos(angle)}`;
  return `M${point(half)}A${radius.value} ${radius.value} 0 1 0 ${point(-half)}`;
});
</script>

<template>
  <svg
    class="band-above"
    :width="box * scale"
    :height="box * scale"
    :viewBox="`${-box / 2} ${-box / 2} ${box} ${box}`"
    aria-hidden="true"
  >
    <g fill="none">
      <path :d="path" :stroke="edge" :stroke-width="thicknessMm + 0.7" />
      <path :d="path" :stroke="weave" :stroke-width="thicknessMm" />
      <path :d="path" :stroke="colour" :stroke-width="thicknessMm * 0.42" stroke-linecap="round" />
    </g>
  </svg>
</template>
