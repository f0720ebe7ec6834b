<script setup lang="ts">
import { computed, ref, toRef } from "vue";
import { useFrameLater } from "../common/useFrameLater";
import type { Picture } from "../generated/picture";
import { useSettings } from "../settings/useSettings";
import { inks } from "./inks";
import { clearSheet, paintMarks, paintWindow } from "./overlays";
import { paintStrip, type View } from "./paint";
import { acrossRange, shownRange } from "./ranges";
import { paintRuler } from "./ruler";
import { useCanvas } from "./useCanvas";
import { useDrag } from "./useDrag";
import type { Loupe } from "./useLoupe";

/** The whole piece to scale, one face of it, with its ruler and marks and the part the loupe shows, which is moved by dragging. */
const props = defineProps<{
  picture: Picture | null;
  loupe: Loupe;
  face: View["face"];
  /** How many passes are made, all where it is left out; while it runs the strip is drawn again by a few passes at a time. */
  made?: number;
  running: boolean;
  label: string;
}>();

const RULER_PX = 22;
/** A broad frame is drawn no higher than this. */
const MOST_PX = 240;
const RUNNING_EVERY = 4;
const settings = useSettings();
const strip = ref<HTMLCanvasElement | null>(null);
const above = ref<HTMLCanvasElement | null>(null);
/** The whole strip is drawn a frame after the loupe, where the maker looks. */
const shown = useFrameLater(toRef(props, "picture"), (picture) => picture !== null);
const made = computed(() =>
  props.made === undefined || !props.running ? props.made : props.made - (props.made % RUNNING_EVERY),
);

function viewOf(width: number, height: number): View {
  const [from, to] = shownRange(shown.value!, settings.hand);
  const [low, high] = acrossRange(shown.value!);
  const scale = Math.min(width / (to - from + 4), MOST_PX / (high - low));
  const across = (low + high) / 2;
  return {
    scale,
    left: (from + to - width / scale) / 2,
    width,
    height,
    across,
    face: props.face,
    hand: settings.hand,
    made: made.value,
  };
}
const heightPx = () => {
  if (!shown.value) return 60;
  const [low, high] = acrossRange(shown.value);
  return Math.ceil((high - low) * viewOf(width.value, 0).scale) + 46;
};
const width = useCanvas(strip, heightPx, (ctx, w, height) => {
  if (!shown.value) return;
  const view = viewOf(w, height);
  paintStrip(ctx, shown.value, { ...view, height: height - RULER_PX });
  paintRuler(ctx, view, settings.units, inks());
});
/** What moves over the strip has a sheet of its own: the strip is not drawn again for it. */
useCanvas(above, heightPx, (ctx, w, height) => {
  if (!shown.value) return;
  const view = viewOf(w, height);
  const { left, shownMm } = props.loupe;
  clearSheet(ctx);
  paintMarks(ctx, shown.value, view, inks().mark);
  paintWindow(ctx, view, [left.value, left.value + shownMm.value], inks().mark);
});

const moveTo = (x: number) => props.loupe.moveTo(viewOf(width.value, 0).left + x / viewOf(width.value, 0).scale);
const drag = useDrag({ start: moveTo, move: moveTo });
</script>

<template>
  <div class="overview position-relative overflow-hidden" v-on="drag">
    <canvas ref="strip" role="img" :aria-label="label" />
    <canvas ref="above" class="above position-absolute top-0 start-0" aria-hidden="true" />
  </div>
</template>
