<script setup lang="ts">
import { computed } from "vue";
import type { ToldKind } from "../api/client";

/** A bead from the side, drawn to scale. */
const props = defineProps<{ look: ToldKind["look"]; scale: number }>();
const reach = computed(() => Math.max(...props.look[0]!.points.map(Math.abs)));
const size = computed(() => 2 * reach.value * props.scale + 2);
const polygon = (points: number[]) => points.map((value, i) => `${value}${i % 2 ? " " : ","}`).join("");
</script>

<template>
  <svg
    class="bead-look"
    :width="size"
    :height="size"
    :viewBox="`${-reach - 0.1} ${-reach - 0.1} ${2 * reach + 0.2} ${2 * reach + 0.2}`"
    aria-hidden="true"
  >
    <polygon
      v-for="(layer, i) in look"
      :key="i"
      :points="polygon(layer.points)"
      :fill="layer.tone"
      :transform="`translate(${-layer.shift} ${-layer.shift})`"
    />
  </svg>
</template>
