<script setup lang="ts">
import { computed, ref } from "vue";
import type { Picture } from "../generated/picture";
import { useSettings } from "../settings/useSettings";
import { useCanvas } from "../strip/useCanvas";
import { acrossRange } from "../strip/ranges";
import { paintWorn, type Round, wornSize } from "./paintWorn";

/** A strip as it is worn, to scale. */
const props = defineProps<{
  picture: Picture;
  round: Round;
  label: string;
  /** Pixels per mm; left out, it fills its box as far as `height` lets it. */
  scale?: number;
  height?: number;
}>();
const settings = useSettings();
const canvas = ref<HTMLCanvasElement | null>(null);
const size = computed(() => {
  const [low, high] = acrossRange(props.picture);
  return wornSize(high - low, props.round);
});
const fitting = (width: number) =>
  props.scale ?? Math.min(width / size.value[0], (props.height ?? 1e6) / size.value[1]);
const heightPx = () => props.height ?? Math.ceil(size.value[1] * fitting(width.value));
const width = useCanvas(canvas, heightPx, (ctx, w, height) =>
  paintWorn(ctx, props.picture, props.round, { width: w, height, scale: fitting(w), hand: settings.hand }),
);
</script>

<template>
  <div class="worn-picture">
    <canvas ref="canvas" role="img" :aria-label="label" />
  </div>
</template>
