<script setup lang="ts">
import { ref, toRef } from "vue";
import { useFrameLater } from "../common/useFrameLater";
import { useSettings } from "../settings/useSettings";
import { useCanvas } from "../strip/useCanvas";
import { type Shown, useFinished } from "./finishedPictures";
import { type Near, WHOLE } from "./useNear";
import { finishedHeight, fitted, paintFinished } from "./paintFinished";

/** A finished piece to scale, one face of it. */
const props = defineProps<{
  shown: Shown;
  face: "front" | "back";
  label: string;
  height?: number;
  /** Pixels per mm at the most; left out, it fills its box. Its height then follows. */
  scale?: number;
  /** A section that stands out. */
  section?: string | null;
  /** Drawn a frame after others. */
  later?: boolean;
  /** How near it is looked at; left out, all of it is seen. */
  near?: Near;
}>();
const emit = defineEmits<{ stale: [] }>();

const settings = useSettings();
const canvas = ref<HTMLCanvasElement | null>(null);
const fetched = useFinished(toRef(props, "shown"), () => emit("stale"));
const ready = props.later ? useFrameLater(fetched, (one) => one !== null) : fetched;
const heightPx = () => props.height ?? finishedHeight(ready.value?.extent ?? props.shown.extent, props.scale ?? 1);
useCanvas(canvas, heightPx, (ctx, width, height) => {
  if (!ready.value) return;
  const { placed, extent, beads } = ready.value;
  paintFinished(ctx, placed, {
    ...fitted(extent, width, height, props.scale),
    left: props.scale !== undefined,
    near: props.near ?? WHOLE,
    beads,
    width,
    height,
    extent,
    face: props.face,
    hand: settings.hand,
    section: props.section ?? null,
  });
});
</script>

<template>
  <div class="finished-picture"><canvas ref="canvas" role="img" :aria-label="label" /></div>
</template>
