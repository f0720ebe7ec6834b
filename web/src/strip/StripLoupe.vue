<script setup lang="ts">
import { ref } from "vue";
import type { Picture } from "../generated/picture";
import { useSettings } from "../settings/useSettings";
import { clearSheet } from "./overlays";
import type { View } from "./paint";
import { paintRuler } from "./ruler";
import { createSheet } from "./sheet";
import { useCanvas } from "./useCanvas";
import { inks } from "./inks";
import type { Loupe } from "./useLoupe";

/** A part of the strip enlarged, one face of it, with a ruler; and a sheet over it for what moves. */
const props = defineProps<{
  picture: Picture | null;
  loupe: Loupe;
  face: View["face"];
  /** How many passes are made, all where it is left out. */
  made?: number;
  /** The height in pixels, ruler and all. */
  height: number;
  label: string;
  /** Drawn over the strip with it, and over it by itself. */
  mark?: (ctx: CanvasRenderingContext2D, picture: Picture, view: View) => void;
  over?: (ctx: CanvasRenderingContext2D, picture: Picture, view: View) => void;
}>();

const RULER_PX = 22;
const settings = useSettings();
const strip = ref<HTMLCanvasElement | null>(null);
const above = ref<HTMLCanvasElement | null>(null);
const paintBand = createSheet();

const viewOf = (width: number, height: number): View => ({
  scale: props.loupe.scale.value,
  left: props.loupe.left.value,
  across: props.loupe.across.value,
  width,
  height,
  face: props.face,
  hand: settings.hand,
  made: props.made,
});
useCanvas(
  strip,
  () => props.height,
  (ctx, width, height) => {
    if (!props.picture) return;
    const band = viewOf(width, height - RULER_PX);
    paintBand(ctx, props.picture, band);
    props.mark?.(ctx, props.picture, band);
    paintRuler(ctx, viewOf(width, height), settings.units, inks());
  },
);
useCanvas(
  above,
  () => props.height,
  (ctx, width, height) => {
    clearSheet(ctx);
    if (props.picture) props.over?.(ctx, props.picture, viewOf(width, height - RULER_PX));
  },
);
/** What is seen now, for pointing at it. */
const view = () => viewOf(strip.value!.clientWidth, props.height - RULER_PX);
defineExpose({ view });
</script>

<template>
  <div class="loupe-sheet position-relative">
    <canvas ref="strip" role="img" :aria-label="label" />
    <canvas ref="above" class="above position-absolute top-0 start-0" aria-hidden="true" />
  </div>
</template>
