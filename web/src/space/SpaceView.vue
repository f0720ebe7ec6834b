<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, watch } from "vue";
import { useBench } from "../bench/useBench";
import { useElementWidth } from "../common/useElementWidth";
import type { Picture } from "../generated/picture";
import { useSettings } from "../settings/useSettings";
import { inks } from "../strip/inks";
import { type View } from "../strip/paint";
import { bandMiddle, shownRange } from "../strip/ranges";
import type { Loupe } from "../strip/useLoupe";
import type { Player } from "../strip/usePlayer";
import { useFormat } from "../units/format";
import { createScene } from "./createScene";
import { useSpread } from "./useSpread";

/** The same path in space: turned round with the pointer or the arrow keys, spread apart, and followed as it is made. */
const props = defineProps<{ picture: Picture; loupe: Loupe; face: View["face"]; player: Player }>();
const emit = defineEmits<{ flat: [reason: string] }>();

const HEIGHT_PX = 340;
/** So much more of the strip is built than the loupe shows. */
const BESIDE = 0.6;
const STEP = Math.PI / 18;
const settings = useSettings();
const canvas = ref<HTMLCanvasElement | null>(null);
const box = ref<HTMLElement | null>(null);
const width = useElementWidth(box);
const { by, spread, possible } = useSpread();
const shown = computed(() => spread.value ?? props.picture);
let scene: ReturnType<typeof createScene> | null = null;
let built: { from: number; to: number } | null = null;

/** Bent round as it is worn, or straight as it is woven. */
const round = ref(false);
const bench = useBench();
/** A strip that is worn by itself is bent as it is worn, any other so that its ends meet. */
const worn = computed(() => {
  const { plan } = bench.answer.value!;
  const { woven_mm, bare_mm } = bench.strip.value;
  return plan.strip && plan.worn ? plan.worn : { round_mm: woven_mm + 2 * bare_mm, lift_mm: 0, slide_mm: 0 };
});
const radius = computed(() => worn.value.round_mm / (2 * Math.PI));
const across = computed(() => 2 * radius.value - bench.strip.value.weave.thickness_mm);
const format = useFormat();

const middle = () => props.loupe.left.value + props.loupe.shownMm.value / 2;
function build() {
  const shownMm = props.loupe.shownMm.value;
  const [from, to] = round.value
    ? shownRange(shown.value, settings.hand)
    : [props.loupe.left.value - BESIDE * shownMm, props.loupe.left.value + (1 + BESIDE) * shownMm];
  const seen = {
    scale: 1,
    left: from,
    width: to - from,
    height: HEIGHT_PX,
    across: 0,
    face: props.face,
    hand: settings.hand,
  };
  const { lift_mm, slide_mm } = worn.value;
  const { woven_mm } = bench.strip.value;
  const lies = round.value ? { radius: radius.value, middle: woven_mm / 2, lift: lift_mm, slide: slide_mm } : null;
  scene!.build(shown.value, seen, props.player.made.value, lies);
  built = { from, to };
}
function show() {
  scene?.show(props.player.made.value, props.player.grown.value);
  scene?.render();
}
/** Looks at the strip as at the beginning again. */
function straight() {
  if (round.value) scene?.look(props.face === "back", bandMiddle(shown.value), radius.value);
  else scene?.face(props.face === "back", middle(), bandMiddle(shown.value), props.loupe.shownMm.value);
  show();
}

onMounted(() => {
  try {
    scene = createScene(canvas.value!);
  } catch {
    emit("flat", "This browser offers no WebGL, which the view in space needs; the flat picture shows the same path.");
  }
});
onBeforeUnmount(() => scene?.dispose());

watch(width, (px, before) => {
  if (!scene || !px) return;
  scene.resize(px, HEIGHT_PX);
  if (!before) {
    scene.setMark(inks().mark);
    build();
    straight();
  } else scene.render();
});
watch(round, () => {
  if (!scene || !width.value) return;
  build();
  straight();
});
watch([shown, () => settings.hand, () => props.player.made.value === null], () => {
  if (!scene || !width.value) return;
  scene.setMark(inks().mark);
  build();
  show();
});
watch(() => props.face, straight);
watch(
  () => props.loupe.shownMm.value,
  () => {
    if (!scene || !width.value) return;
    build();
    straight();
  },
);
watch(
  () => props.loupe.left.value,
  () => {
    if (!scene || !built || round.value) return;
    if (props.loupe.left.value < built.from || props.loupe.left.value + props.loupe.shownMm.value > built.to) build();
    scene.follow(middle());
    show();
  },
);
watch([() => props.player.made.value, () => props.player.grown.value], show);

const KEYS: Record<string, () => void> = {
  ArrowLeft: () => scene?.orbit(-STEP, 0),
  ArrowRight: () => scene?.orbit(STEP, 0),
  ArrowUp: () => scene?.orbit(0, STEP),
  ArrowDown: () => scene?.orbit(0, -STEP),
  "+": () => scene?.zoom(1.2),
  "=": () => scene?.zoom(1.2),
  "-": () => scene?.zoom(1 / 1.2),
  Home: straight,
};
function key(event: KeyboardEvent) {
  const act = KEYS[event.key];
  if (!act) return;
  event.preventDefault();
  act();
}
</script>

<template>
  <div ref="box" class="space">
    <canvas
      ref="canvas"
      class="w-100"
      tabindex="0"
      role="img"
      aria-label="The strip in space: drag or use the arrow keys to turn it, plus and minus to come nearer, Home to look straight at it"
      @keydown="key"
    />
    <div class="space-acts d-flex flex-wrap align-items-center gap-2 pt-2">
      <BButtonGroup aria-label="How it lies">
        <BButton variant="outline-secondary" :pressed="!round" @click="round = false">Straight</BButton>
        <BButton variant="outline-secondary" :pressed="round" @click="round = true">As worn</BButton>
      </BButtonGroup>
      <BButton variant="outline-primary" @click="straight">As at first</BButton>
      <span v-if="round" class="figures">{{ format.length(across) }} across inside</span>
      <label v-if="possible" class="d-flex align-items-center gap-2 text-nowrap">
        spread the wires
        <input
          v-model.number="by"
          class="form-range"
          type="range"
          min="0"
          max="4"
          step="0.1"
          aria-label="Spread the wires, in mm"
        />
        <span class="figures">{{ by.toFixed(1) }} mm wider</span>
      </label>
      <span v-else class="quiet">Gaps that change are shown as they are.</span>
    </div>
  </div>
</template>
