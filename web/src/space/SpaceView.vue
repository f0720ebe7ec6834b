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
import { wholeBeads } from "./solids";
import { useSpaceHeight } from "./useSpaceHeight";
import { useSpread } from "./useSpread";
import { useTurning } from "./useTurning";
import { useWholeInSpace } from "./useWholeInSpace";
import { wholeLines, wholeSight } from "./wholeLines";

/** The same path in space: turned round with the pointer or the arrow keys, spread apart, and followed as it is made. */
const props = defineProps<{ picture: Picture; loupe: Loupe; face: View["face"]; player: Player }>();
const emit = defineEmits<{ flat: [reason: string]; whole: [is: boolean] }>();

/** So much more of the strip is built than the loupe shows. */
const BESIDE = 0.6;
const settings = useSettings();
const canvas = ref<HTMLCanvasElement | null>(null);
const box = ref<HTMLElement | null>(null);
const width = useElementWidth(box);
const { by, spread, possible } = useSpread();
const shown = computed(() => spread.value ?? props.picture);
let scene: ReturnType<typeof createScene> | null = null;
let built: { from: number; to: number } | null = null;

/** Straight as it is woven, bent round as it is worn, or with all the rest of a piece that is more than one strip. */
type Lies = "straight" | "worn" | "whole";
const bench = useBench();
const isStrip = computed(() => bench.answer.value!.plan.strip !== null);
const lies = ref<Lies>(isStrip.value ? "straight" : "whole");
const round = computed(() => lies.value === "worn");
/** While it is made the strip is shown. */
const isWhole = computed(() => lies.value === "whole" && props.player.made.value === null);
watch(isWhole, (is) => emit("whole", is), { immediate: true });
onBeforeUnmount(() => emit("whole", false));
const heightPx = useSpaceHeight(isWhole);
const whole = useWholeInSpace(isWhole);
const LIES = computed(() => [
  ...(isStrip.value || props.player.made.value !== null ? [] : [{ key: "whole" as Lies, words: "Whole piece" }]),
  { key: "straight" as Lies, words: isStrip.value ? "Straight" : "Its strip" },
  { key: "worn" as Lies, words: isStrip.value ? "As worn" : "Its strip, bent round" },
]);
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
  if (isWhole.value) return buildWhole();
  const shownMm = props.loupe.shownMm.value;
  const [from, to] = round.value
    ? shownRange(shown.value, settings.hand)
    : [props.loupe.left.value - BESIDE * shownMm, props.loupe.left.value + (1 + BESIDE) * shownMm];
  const seen = {
    scale: 1,
    left: from,
    width: to - from,
    height: heightPx.value,
    across: 0,
    face: props.face,
    hand: settings.hand,
  };
  const { lift_mm, slide_mm } = worn.value;
  const { woven_mm } = bench.strip.value;
  const bend = round.value ? { radius: radius.value, middle: woven_mm / 2, lift: lift_mm, slide: slide_mm } : null;
  scene!.build(shown.value, seen, props.player.made.value, bend);
  built = { from, to };
}
function buildWhole() {
  if (!whole.value) return;
  const beads = wholeBeads(bench.answer.value!.plan.beads.drawn, whole.value.out_mm);
  scene!.buildWhole(wholeLines(whole.value), beads, settings.hand === "left");
}
function show() {
  if (isWhole.value) return scene?.render();
  scene?.show(props.player.made.value, props.player.grown.value);
  scene?.render();
}
/** Looks at it as at the beginning again. */
function straight() {
  if (isWhole.value && whole.value) {
    const { middle, size } = wholeSight(whole.value);
    scene?.lookWhole(props.face === "back", middle, size);
  } else if (round.value) scene?.look(props.face === "back", bandMiddle(shown.value), radius.value);
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

watch([width, heightPx], ([px, high], [before]) => {
  if (!scene || !px) return;
  scene.resize(px, high);
  if (!before) {
    scene.setMark(inks().mark);
    build();
    straight();
  } else scene.render();
});
watch([lies, whole, isWhole], ([, piece], [, before]) => {
  if (!scene || !width.value) return;
  build();
  if (isWhole.value && before && piece !== before) show();
  else straight();
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
    if (!scene || !built || lies.value !== "straight") return;
    if (props.loupe.left.value < built.from || props.loupe.left.value + props.loupe.shownMm.value > built.to) build();
    scene.follow(middle());
    show();
  },
);
watch([() => props.player.made.value, () => props.player.grown.value], show);

const key = useTurning(() => scene, straight);
</script>

<template>
  <div ref="box" class="space">
    <canvas
      ref="canvas"
      class="w-100"
      tabindex="0"
      role="img"
      :aria-label="`${isWhole ? bench.draft.value!.name : 'The strip'} in space: drag or use the arrow keys to turn it, plus and minus to come nearer, Home to look straight at it`"
      @keydown="key"
    />
    <div class="space-acts d-flex flex-wrap align-items-center gap-2 pt-2">
      <BButtonGroup aria-label="How it lies">
        <BButton
          v-for="one in LIES"
          :key="one.key"
          variant="outline-secondary"
          :pressed="lies === one.key"
          @click="lies = one.key"
          >{{ one.words }}</BButton
        >
      </BButtonGroup>
      <BButton variant="outline-primary" @click="straight">As at first</BButton>
      <span v-if="round" class="figures">{{ format.length(across) }} across inside</span>
      <label v-if="possible && !isWhole" class="d-flex align-items-center gap-2 text-nowrap">
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
      <span v-else-if="!isWhole" class="quiet">Gaps that change are shown as they are.</span>
    </div>
  </div>
</template>
