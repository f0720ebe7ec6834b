<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref, watch } from "vue";
import { useBench } from "../bench/useBench";
import { useElementWidth } from "../common/useElementWidth";
import { useSettings } from "../settings/useSettings";
import { createScene } from "./createScene";
import { wholeBeads } from "./solids";
import { useSpaceHeight } from "./useSpaceHeight";
import { useTurning } from "./useTurning";
import { useWholeInSpace } from "./useWholeInSpace";
import { wholeLines, wholeSight } from "./wholeLines";

/** The finished piece in space: turned round with the pointer or the arrow keys. */
const bench = useBench();
const settings = useSettings();
const canvas = ref<HTMLCanvasElement | null>(null);
const box = ref<HTMLElement | null>(null);
const width = useElementWidth(box);
const heightPx = useSpaceHeight(ref(true));
const whole = useWholeInSpace(ref(true));
const back = ref(false);
const flat = ref("");
let scene: ReturnType<typeof createScene> | null = null;

function build() {
  if (!scene || !whole.value) return;
  const beads = wholeBeads(bench.answer.value!.plan.beads.drawn, whole.value.out_mm);
  scene.buildWhole(wholeLines(whole.value), beads, settings.hand === "left");
}
/** Looks at it as at the beginning again. */
function look() {
  if (!scene || !whole.value) return;
  const { middle, size } = wholeSight(whole.value);
  scene.lookWhole(back.value, middle, size);
  scene.render();
}
onMounted(() => {
  try {
    scene = createScene(canvas.value!);
  } catch {
    flat.value =
      "This browser offers no WebGL, which the view in space needs; the finished piece shows the same paths.";
  }
});
onBeforeUnmount(() => scene?.dispose());
watch([width, heightPx], ([px, high], [before]) => {
  if (!scene || !px) return;
  scene.resize(px, high);
  if (before) return scene.render();
  build();
  look();
});
watch([whole, () => settings.hand], (_, [before]) => {
  if (!scene || !width.value) return;
  build();
  if (before) scene.render();
  else look();
});
watch(back, look);
const key = useTurning(() => scene, look);
</script>

<template>
  <p v-if="flat" class="alert alert-danger trouble" role="status">{{ flat }}</p>
  <div ref="box" class="space">
    <canvas
      ref="canvas"
      class="w-100"
      tabindex="0"
      role="img"
      :aria-label="`${bench.draft.value!.name} in space: drag or use the arrow keys to turn it, plus and minus to come nearer, Home to look straight at it`"
      @keydown="key"
    />
    <div class="space-acts d-flex flex-wrap align-items-center gap-2 pt-2">
      <BButtonGroup aria-label="Faces">
        <BButton variant="outline-secondary" :pressed="!back" @click="back = false">Front</BButton>
        <BButton variant="outline-secondary" :pressed="back" @click="back = true">Back</BButton>
      </BButtonGroup>
      <BButton variant="outline-primary" @click="look">As at first</BButton>
    </div>
  </div>
</template>
