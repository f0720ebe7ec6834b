<script setup lang="ts">
import { computed, ref, toRef, watch } from "vue";
import type { Picture } from "../generated/picture";
import { useSettings } from "../settings/useSettings";
import { useFormat } from "../units/format";
import { acrossRange, paintStrip, shownRange, type View } from "./paint";
import { clearSheet, paintMarks, paintMove, paintWindow } from "./overlays";
import PlayerBar from "./PlayerBar.vue";
import { paintRuler } from "./ruler";
import { createSheet } from "./sheet";
import { useCanvas } from "./useCanvas";
import { useDrag } from "./useDrag";
import { useLoupe } from "./useLoupe";
import { usePlayer } from "./usePlayer";
import { paintWalk } from "./walk";

/** The piece to scale: the whole strip with its ruler and marks, and under it a loupe on any part of it. */
const props = defineProps<{ picture: Picture | null; title: string }>();

const RULER_PX = 22;
/** A band over more base wires gets a higher loupe, as far as the window allows. */
const LOUPE_PX = { least: 168, most: 320, perWire: 26 };
const loupePx = computed(() =>
  Math.min(LOUPE_PX.least + Math.max((props.picture?.gaps.length ?? 3) - 3, 0) * LOUPE_PX.perWire, LOUPE_PX.most),
);
const settings = useSettings();
const format = useFormat();
const face = ref<View["face"]>("front");
/** Whether the weaving wire's way through the gaps is drawn over the strip. */
const walk = ref(false);
const player = usePlayer(toRef(props, "picture"));
const overview = ref<HTMLCanvasElement | null>(null);
const above = ref<HTMLCanvasElement | null>(null);
const loupeCanvas = ref<HTMLCanvasElement | null>(null);
const ink = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim();
const inks = () => ({
  line: ink("--ink-mat"),
  text: ink("--ink-mat"),
  mark: ink("--accent-mat"),
  theme: settings.theme,
});

const paintBand = createSheet();
const width = useCanvas(
  loupeCanvas,
  () => loupePx.value,
  (ctx, w, height) => {
    if (!props.picture) return;
    const view = viewOf(loupe.scale.value, loupe.left.value, w, height, loupe.across.value);
    const band = { ...view, height: height - RULER_PX };
    paintBand(ctx, props.picture, band);
    if (walk.value)
      paintWalk(ctx, props.picture, band, { ...inks(), ground: ink("--mat-wash"), line: ink("--accent-mat") });
    if (player.current.value) paintMove(ctx, props.picture, band, player.current.value, ink("--accent-mat"));
    paintRuler(ctx, view, settings.units, inks());
  },
);
const loupe = useLoupe(
  toRef(props, "picture"),
  toRef(settings, "hand"),
  width,
  computed(() => loupePx.value - RULER_PX),
);

const wholeView = (w: number, height: number): View => {
  const [from, to] = shownRange(props.picture!, settings.hand);
  const [low, high] = acrossRange(props.picture!);
  return viewOf(w / (to - from + 4), from - 2, w, height, (low + high) / 2);
};
const overviewPx = () => {
  if (!props.picture) return 60;
  const [low, high] = acrossRange(props.picture);
  return Math.ceil((high - low) * wholeView(width.value, 0).scale) + 46;
};
useCanvas(overview, overviewPx, (ctx, w, height) => {
  if (!props.picture) return;
  const view = wholeView(w, height);
  paintStrip(ctx, props.picture, { ...view, height: height - RULER_PX });
  paintRuler(ctx, view, settings.units, inks());
});
/** What moves over the strip has a sheet of its own: the strip is not drawn again for it. */
useCanvas(above, overviewPx, (ctx, w, height) => {
  if (!props.picture) return;
  const view = wholeView(w, height);
  clearSheet(ctx);
  paintMarks(ctx, props.picture, view, inks().mark);
  paintWindow(ctx, view, [loupe.left.value, loupe.left.value + loupe.shownMm.value], inks().mark);
});

function viewOf(scale: number, left: number, w: number, height: number, across: number): View {
  const made = player.made.value ?? undefined;
  return { scale, left, width: w, height, across, face: face.value, hand: settings.hand, made };
}

const overviewDrag = useDrag({
  start: (x) => loupe.moveTo(wholeView(width.value, 0).left + x / wholeView(width.value, 0).scale),
  move: (x) => loupe.moveTo(wholeView(width.value, 0).left + x / wholeView(width.value, 0).scale),
});
const loupeDrag = useDrag({
  start: () => {},
  move: (_x, dx, dy) => {
    loupe.moveBy(-dx / loupe.scale.value);
    loupe.moveAcross((dy * (face.value === "front" ? 1 : -1)) / loupe.scale.value);
  },
  pinch: (factor) => loupe.zoomTo(loupe.scale.value * factor),
});

function wheel(event: WheelEvent) {
  const at = loupe.left.value + event.offsetX / loupe.scale.value;
  if (event.shiftKey || Math.abs(event.deltaX) > Math.abs(event.deltaY)) {
    loupe.moveBy((event.deltaX || event.deltaY) / loupe.scale.value);
  } else {
    loupe.zoomTo(loupe.scale.value * Math.exp(-event.deltaY / 400), at);
  }
}

const KEYS: Record<string, () => void> = {
  ArrowLeft: () => loupe.moveBy(-loupe.shownMm.value / 6),
  ArrowRight: () => loupe.moveBy(loupe.shownMm.value / 6),
  "+": loupe.zoomIn,
  "=": loupe.zoomIn,
  "-": loupe.zoomOut,
  Home: () => loupe.moveTo(-1e6),
  End: () => loupe.moveTo(1e6),
};
function key(event: KeyboardEvent) {
  const act = KEYS[event.key];
  if (!act) return;
  event.preventDefault();
  act();
}

const turn = () => (face.value = face.value === "front" ? "back" : "front");
const label = computed(() => `${props.title}, ${face.value}, drawn to scale`);
/** The loupe stays with the end of the wire. */
watch(player.end, (end) => {
  if (!end) return;
  const place = (settings.hand === "left" ? -1 : 1) * end.along;
  const inner = loupe.shownMm.value / 4;
  if (Math.abs(place - (loupe.left.value + 2 * inner)) > inner) loupe.moveTo(place + inner / 2);
});
const watchIt = () => (player.made.value === null ? player.open() : player.close());
const showWalk = () => (walk.value = !walk.value);
defineExpose({ turn, showWalk, watchIt });
</script>

<template>
  <section class="panel strip-panel" aria-label="The strip">
    <header class="panel-head">
      <h2>The strip <small>to scale</small></h2>
      <div class="choice" role="group" aria-label="Face">
        <button type="button" :aria-pressed="face === 'front'" @click="face = 'front'">Front</button>
        <button type="button" :aria-pressed="face === 'back'" @click="face = 'back'">Back</button>
      </div>
      <button type="button" class="toggle" :aria-pressed="walk" title="W" @click="walk = !walk">Walk</button>
      <button type="button" class="toggle" :aria-pressed="player.made.value !== null" title="M" @click="watchIt">
        Watch it made
      </button>
      <span class="spacer" />
      <span class="quiet figures">loupe shows {{ format.length(loupe.shownMm.value) }}</span>
      <div class="choice" role="group" aria-label="Loupe">
        <button type="button" aria-label="Farther" @click="loupe.zoomOut">−</button>
        <button type="button" aria-label="Nearer" @click="loupe.zoomIn">+</button>
        <button type="button" @click="loupe.showCoils">Coils</button>
        <button type="button" @click="loupe.showWhole">Whole</button>
      </div>
    </header>
    <div class="overview" v-on="overviewDrag">
      <canvas ref="overview" role="img" :aria-label="label" />
      <canvas ref="above" class="above" aria-hidden="true" />
    </div>
    <div
      class="loupe"
      tabindex="0"
      role="group"
      aria-label="Loupe: arrow keys move it, plus and minus change its power"
      v-on="loupeDrag"
      @wheel.prevent="wheel"
      @keydown="key"
    >
      <canvas ref="loupeCanvas" role="img" :aria-label="`${label}, enlarged`" />
    </div>
    <PlayerBar
      v-if="picture && player.made.value !== null"
      :player="player"
      :repeat="picture.counting.repeat"
      :from-back="face === 'back'"
    />
  </section>
</template>
