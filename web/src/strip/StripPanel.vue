<script setup lang="ts">
import { computed, defineAsyncComponent, nextTick, onMounted, ref, toRef, watch } from "vue";
import { useElementWidth } from "../common/useElementWidth";
import type { Picture } from "../generated/picture";
import { paintPointing } from "../pointing/paintPointing";
import PointBar from "../pointing/PointBar.vue";
import { usePointing } from "../pointing/usePointing";
import { useSettings } from "../settings/useSettings";
import { useFormat } from "../units/format";
import { inks } from "./inks";
import { paintMove, paintNumbers, wireNumbers } from "./overlays";
import type { View } from "./paint";
import PlayerBar from "./PlayerBar.vue";
import StripLoupe from "./StripLoupe.vue";
import StripOverview from "./StripOverview.vue";
import { useDrag } from "./useDrag";
import { useLoupe } from "./useLoupe";
import { usePlayer } from "./usePlayer";
import { useRoom } from "./useRoom";
import { paintWalk } from "./walk";

/** The piece to scale: the whole strip with its ruler and marks, and under it a loupe on any part of it, flat or in space. */
const props = defineProps<{
  picture: Picture | null;
  title: string;
  /** What is done with it. */
  view: "strip" | "walk" | "made" | "point" | "space";
}>();
const emit = defineEmits<{ view: [view: "strip"] }>();

const SpaceView = defineAsyncComponent(() => import("../space/SpaceView.vue"));
const RULER_PX = 22;
/** A band over more base wires gets a higher loupe, as far as the window allows. */
const LOUPE_PX = { least: 132, most: 300, mostPointing: 210, mostMade: 152, perWire: 26 };
const room = useRoom();
const loupePx = computed(() => {
  const wires = Math.max((props.picture?.gaps.length ?? 3) - 3, 0);
  const wanted = Math.max(LOUPE_PX.least + wires * LOUPE_PX.perWire, room.value);
  if (props.view === "made") return Math.min(wanted, LOUPE_PX.mostMade);
  return Math.min(wanted, pointing.on.value ? LOUPE_PX.mostPointing : LOUPE_PX.most);
});
const settings = useSettings();
const format = useFormat();
const face = ref<View["face"]>("front");
const otherFace = computed(() => (face.value === "front" ? "back" : "front"));
/** Whether the strip is shown in space. */
const space = ref(false);
/** Whether all of a piece is shown there, and no strip. */
const whole = ref(false);
const player = usePlayer(toRef(props, "picture"));
const pointing = usePointing(toRef(props, "picture"));
const box = ref<HTMLElement | null>(null);
const glass = ref<InstanceType<typeof StripLoupe> | null>(null);
const width = useElementWidth(box);
const loupe = useLoupe(
  toRef(props, "picture"),
  toRef(settings, "hand"),
  width,
  computed(() => loupePx.value - RULER_PX),
);
/** Whole passes that are made; the one that grows is drawn over them. */
const made = computed(() =>
  player.made.value === null ? undefined : player.made.value - (player.grown.value < 1 ? 1 : 0),
);

function paintOver(ctx: CanvasRenderingContext2D, picture: Picture, view: View) {
  const { mark, ground, text } = inks();
  if (player.current.value) paintMove(ctx, picture, view, player.current.value, player.grown.value, mark);
  if (pointing.on.value) paintPointing(ctx, picture, view, pointing, { mark });
  if (pointing.on.value || player.made.value !== null) paintNumbers(ctx, view, wireNumbers(picture), { ground, text });
}
const paintWay = (ctx: CanvasRenderingContext2D, picture: Picture, view: View) =>
  props.view === "walk" && paintWalk(ctx, picture, view, { ...inks(), line: inks().mark });

const loupeDrag = useDrag({
  start: () => {},
  move: (_x, dx, dy) => {
    loupe.moveBy(-dx / loupe.scale.value);
    loupe.moveAcross((dy * (face.value === "front" ? 1 : -1)) / loupe.scale.value);
  },
  pinch: (factor) => loupe.zoomTo(loupe.scale.value * factor),
});

/** While the weave is pointed at, the pointer adds and counts; else it moves the loupe. */
const place = (event: PointerEvent): [number, number] => {
  const { left, top } = (event.currentTarget as HTMLElement).getBoundingClientRect();
  return [event.clientX - left, event.clientY - top];
};
const pointer = {
  pointerdown(event: PointerEvent) {
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
    pointing.down(...place(event), glass.value!.view());
  },
  pointermove: (event: PointerEvent) => pointing.drag(...place(event), glass.value!.view()),
  pointerup: () => pointing.up(),
  pointercancel: () => pointing.leave(),
  pointerleave: () => pointing.leave(),
};

function wheel(event: WheelEvent) {
  const at = loupe.left.value + event.offsetX / loupe.scale.value;
  if (event.shiftKey || Math.abs(event.deltaX) > Math.abs(event.deltaY)) {
    loupe.moveBy((event.deltaX || event.deltaY) / loupe.scale.value);
  } else {
    loupe.zoomTo(loupe.scale.value * Math.exp(-event.deltaY / 400), at);
  }
}

const DOUBLE = 2;
const double = (event: MouseEvent) =>
  pointing.on.value || loupe.zoomTo(loupe.scale.value * DOUBLE, loupe.left.value + event.offsetX / loupe.scale.value);

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
/** What was opened below the loupe is brought into sight with it. */
const panel = ref<HTMLElement | null>(null);
const bring = () => nextTick(() => panel.value?.scrollIntoView({ block: "nearest" }));
/** Each view begins as it is named; what is made in space goes on there. */
function begin(view: typeof props.view) {
  if (view !== "made") player.close();
  else if (player.made.value === null) player.open();
  if (view !== "made") space.value = view === "space";
  pointing.on.value = view === "point";
  if (view === "point") loupe.showStart();
  if (view !== "strip" && view !== "walk") void bring();
}
/** Why there is no view in space, where the browser has none. */
const flat = ref("");
function noSpace(reason: string) {
  space.value = false;
  flat.value = reason;
  if (props.view === "space") emit("view", "strip");
}
watch(() => props.view, begin);
onMounted(() => begin(props.view));
watch(player.made, (now) => {
  if (now === null && props.view === "made") emit("view", "strip");
});
defineExpose({ turn });
</script>

<template>
  <section ref="panel" class="panel strip-panel" aria-label="The strip">
    <header class="panel-head d-flex flex-wrap align-items-center gap-2">
      <h2 class="visually-hidden">The strip, to scale</h2>
      <BButtonGroup aria-label="Face">
        <BButton variant="outline-secondary" :pressed="face === 'front'" @click="face = 'front'">Front</BButton>
        <BButton variant="outline-secondary" :pressed="face === 'back'" @click="face = 'back'">Back</BButton>
      </BButtonGroup>
      <BButton v-if="view === 'made'" variant="outline-secondary" :pressed="space" @click="space = !space">
        Made in space
      </BButton>
      <span class="flex-fill" />
      <span v-if="!whole" class="quiet figures">loupe shows {{ format.length(loupe.shownMm.value) }}</span>
      <BButtonGroup v-if="!whole" aria-label="Loupe">
        <BButton variant="outline-secondary" aria-label="Farther" @click="loupe.zoomOut">−</BButton>
        <BButton variant="outline-secondary" aria-label="Nearer" @click="loupe.zoomIn">+</BButton>
        <BButton variant="outline-secondary" @click="loupe.showCoils">Coils</BButton>
        <BButton variant="outline-secondary" @click="loupe.showWhole">Whole</BButton>
      </BButtonGroup>
    </header>
    <StripOverview
      v-if="!whole"
      :picture="picture"
      :loupe="loupe"
      :face="face"
      :made="made"
      :running="player.running.value"
      :label="label"
    />
    <p v-if="flat" class="alert alert-danger trouble" role="status">{{ flat }}</p>
    <div ref="box" class="loupe-box position-relative">
      <SpaceView
        v-if="space && picture"
        :picture="picture"
        :loupe="loupe"
        :face="face"
        :player="player"
        @flat="noSpace"
        @whole="whole = $event"
      />
      <div
        v-else
        class="loupe position-relative overflow-hidden border-top mt-1"
        :class="{ pointed: pointing.on.value }"
        tabindex="0"
        role="group"
        aria-label="Loupe: arrow keys move it, plus and minus change its power"
        v-on="pointing.on.value ? pointer : loupeDrag"
        @wheel.prevent="wheel"
        @dblclick="double"
        @keydown="key"
      >
        <StripLoupe
          ref="glass"
          :picture="picture"
          :loupe="loupe"
          :face="face"
          :made="made"
          :height="loupePx"
          :label="`${label}, enlarged`"
          :mark="paintWay"
          :over="paintOver"
        />
      </div>
      <figure v-if="pointing.on.value" class="other-face position-relative">
        <figcaption class="quiet">{{ otherFace }}</figcaption>
        <StripLoupe
          :picture="picture"
          :loupe="loupe"
          :face="otherFace"
          :height="loupePx"
          :label="`${props.title}, ${otherFace}, enlarged`"
        />
      </figure>
    </div>
    <PointBar v-if="pointing.on.value" :pointing="pointing" />
    <PlayerBar
      v-if="picture && player.made.value !== null"
      :player="player"
      :picture="picture"
      :turned="face === 'back'"
      @turn="turn"
      @unfold="bring"
    />
  </section>
</template>
