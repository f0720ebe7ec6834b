<script setup lang="ts">
import { computed, ref, toRef } from "vue";
import { useFrameLater } from "../common/useFrameLater";
import { useSettings } from "../settings/useSettings";
import { useCanvas } from "../strip/useCanvas";
import { type Shown, useFinished } from "./finishedPictures";
import type { LitVisit } from "../wires/useLit";
import { type Near, WHOLE } from "./useNear";
import { finishedHeight, fitted, type FinishedView, pageOf, paintFinished } from "./paintFinished";
import { lastPlace, placesWithin } from "./placesWithin";
import { sectionAt } from "./sectionAt";

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
  /** Its mirror image, as the other one of a pair. */
  mirrored?: boolean;
  /** Drawn a frame after others. */
  later?: boolean;
  /** How near it is looked at; left out, all of it is seen. */
  near?: Near;
  /** A section that is only made up to a stitch. */
  made?: { section: string; upto: number };
  /** Wires that stand out, and where they lie by number. */
  wires?: string[];
  visits?: LitVisit[];
}>();
const emit = defineEmits<{ stale: [] }>();

const settings = useSettings();
/** Only measures. */
const probe = document.createElement("canvas").getContext("2d")!;
const canvas = ref<HTMLCanvasElement | null>(null);
const fetched = useFinished(toRef(props, "shown"), () => emit("stale"));
const whole = props.later ? useFrameLater(fetched, (one) => one !== null) : fetched;
/** What of a section is not made yet is left out. */
const ready = computed(() => {
  const { made } = props;
  if (!whole.value || !made) return whole.value;
  const placed = whole.value.placed.map((one) => {
    if (one.section !== made.section) return one;
    const groups = one.picture.groups.flatMap((group) => {
      const at = group.at && placesWithin(group.at, 0, made.upto);
      return !at ? [group] : at.length ? [{ ...group, at }] : [];
    });
    return { ...one, picture: { ...one.picture, groups } };
  });
  const beads = { ...whole.value.beads, set: [] };
  return { ...whole.value, placed, beads };
});
const heightPx = () => props.height ?? finishedHeight(ready.value?.extent ?? props.shown.extent, props.scale ?? 1);
/** So near that the stitch made last is seen, in the middle; pixels per mm at least. */
const STITCH_PX = 8;
function nearMade(view: FinishedView): Near {
  const at = lastPlace(ready.value!.placed, props.made!);
  if (!at || view.scale >= STITCH_PX) return WHOLE;
  const k = STITCH_PX / view.scale;
  const { x, y } = pageOf(view).transformPoint(new DOMPoint(at[0], at[1]));
  return { k, x: k * (view.width / 2 - x), y: k * (view.height / 2 - y) };
}
function viewOf(width: number, height: number): FinishedView {
  const view = wholeView(width, height);
  return props.made ? { ...view, near: nearMade(view) } : view;
}
function wholeView(width: number, height: number): FinishedView {
  const { extent, beads } = ready.value!;
  return {
    ...fitted(extent, width, height, props.scale),
    left: props.scale !== undefined,
    mirrored: props.mirrored,
    near: props.near ?? WHOLE,
    beads,
    width,
    height,
    extent,
    face: props.face,
    hand: settings.hand,
    section: props.section ?? null,
    wires: props.wires ?? [],
    visits: props.visits ?? [],
  };
}
const width = useCanvas(canvas, heightPx, (ctx, width, height) => {
  if (ready.value) paintFinished(ctx, ready.value.placed, viewOf(width, height));
});
/** From the piece to the picture, once that is drawn. */
const page = computed(() => (ready.value && width.value > 0 ? pageOf(viewOf(width.value, heightPx())) : undefined));
/** The section at a place of the window, if any is. */
function at(event: MouseEvent): string | null {
  const { left, top, width, height } = canvas.value!.getBoundingClientRect();
  const [x, y] = [event.clientX - left, event.clientY - top];
  if (!ready.value || x < 0 || y < 0 || x > width || y > height) return null;
  return sectionAt(probe, ready.value.placed, viewOf(width, height), [x, y]);
}
defineExpose({ at });
</script>

<template>
  <div class="finished-picture position-relative">
    <canvas ref="canvas" role="img" :aria-label="label" />
    <slot v-if="page" :page="page" :width="width" :height="heightPx()" />
  </div>
</template>
