<script setup lang="ts">
import { computed, ref } from "vue";
import type { Ready } from "../finished/finishedPictures";
import { fitted, paintFinished } from "../finished/paintFinished";
import { WHOLE } from "../finished/useNear";
import type { Picture } from "../generated/picture";
import { isDark, useSettings } from "../settings/useSettings";
import { paintStrip } from "../strip/paint";
import { acrossRange, shownRange } from "../strip/ranges";
import { useCanvas } from "../strip/useCanvas";
import { lightStrip } from "./lightStrip";
import type { Made, Stands } from "./stands";

/** The piece as it stands after a step, what that step made on a lit ground. */
const props = defineProps<{
  stands: Stands;
  strip: Picture | null;
  piece: Ready | null;
  before: Made[];
  made: Made[];
  label: string;
  /** How many pixels high a piece is drawn, where it is no strip. */
  high?: number;
}>();
const settings = useSettings();
const canvas = ref<HTMLCanvasElement | null>(null);
const all = computed(() => [...props.before, ...props.made]);
/** A canvas cannot read the page's colours by their names. */
const LIGHT = { light: "#9fd6c8", dark: "#2f6f63" };
/** Pixels of light round a wire, and how high a strip and any other piece are drawn. */
const LIGHT_PX = 7;
const LOW = 56;
const HIGH = 120;
/** A small picture stands nearer to its edges than others do. */
const SPARE_PX = 36;

function drawStrip(ctx: CanvasRenderingContext2D, whole: Picture, width: number, height: number, light: string) {
  const { hand } = settings;
  const [from, to] = shownRange(whole, hand);
  const [low, high] = acrossRange(whole);
  const scale = Math.min((width - 8) / (to - from + 2), (height - 8) / (high - low + 1));
  const left = (from + to) / 2 - width / scale / 2;
  const view = { scale, left, width, height, hand, face: "front", across: (low + high) / 2 } as const;
  const { picture, made } = props.stands.strip(whole, all.value);
  paintStrip(ctx, picture, made === undefined ? view : { ...view, made });
  lightStrip(ctx, whole, props.made, view, light, LIGHT_PX / scale);
}

function drawPiece(ctx: CanvasRenderingContext2D, whole: Ready, width: number, height: number, light: string) {
  const fit = fitted(whole.extent, width + SPARE_PX, height + SPARE_PX, undefined);
  const { placed, beads, extent } = props.stands.piece(whole, all.value);
  const lit = props.stands.light(whole, props.made, light, LIGHT_PX / fit.scale);
  paintFinished(ctx, [...lit, ...placed], {
    ...fit,
    width,
    height,
    extent,
    beads,
    near: WHOLE,
    face: "front",
    hand: settings.hand,
    section: null,
    wires: [],
    visits: [],
    left: false,
  });
}

useCanvas(
  canvas,
  () => (props.strip ? LOW : (props.high ?? HIGH)),
  (ctx, width, height) => {
    const light = LIGHT[isDark.value ? "dark" : "light"];
    if (props.strip) drawStrip(ctx, props.strip, width, height, light);
    else if (props.piece) drawPiece(ctx, props.piece, width, height, light);
  },
);
</script>

<template>
  <div><canvas ref="canvas" role="img" :aria-label="label" /></div>
</template>
