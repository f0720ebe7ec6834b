<script setup lang="ts">
import { ref } from "vue";
import type { Picture } from "../generated/picture";
import { useSettings } from "../settings/useSettings";
import { paintStrip, type View } from "./paint";
import { acrossRange, shownRange } from "./ranges";
import { useCanvas } from "./useCanvas";

/** A strip at a given scale, whole, nothing to handle: for the shelf and for comparing. */
const props = defineProps<{
  picture: Picture;
  /** Pixels per mm; left out, the strip fills its box. */
  scale?: number;
  label: string;
  face?: View["face"];
}>();

const settings = useSettings();
const canvas = ref<HTMLCanvasElement | null>(null);
const scaleFor = (width: number) => {
  const [from, to] = shownRange(props.picture, settings.hand);
  return props.scale ?? width / (to - from + 2);
};
const width = useCanvas(
  canvas,
  () => {
    const [low, high] = acrossRange(props.picture);
    return Math.ceil((high - low) * scaleFor(width.value)) + 4;
  },
  (ctx, w, height) => {
    const left = shownRange(props.picture, settings.hand)[0] - 1;
    const [low, high] = acrossRange(props.picture);
    paintStrip(ctx, props.picture, {
      scale: scaleFor(w),
      left,
      width: w,
      height,
      face: props.face ?? "front",
      hand: settings.hand,
      across: (low + high) / 2,
    });
  },
);
</script>

<template>
  <div class="strip-picture"><canvas ref="canvas" role="img" :aria-label="label" /></div>
</template>
