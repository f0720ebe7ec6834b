<script lang="ts">
export type Topic = "endings" | "base" | "weaving" | "coils";
</script>

<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import BaseFine from "./BaseFine.vue";
import CoilsFine from "./CoilsFine.vue";
import LiveCount from "./LiveCount.vue";
import LiveSize from "./LiveSize.vue";
import WeavingFine from "./WeavingFine.vue";

/** The less common choices that belong to a word of the brief. */
defineProps<{ topic: Topic }>();
const emit = defineEmits<{ fold: [] }>();

const bench = useBench();
const at = (kind: string) => bench.draft.value!.endings.findIndex((ending) => ending.kind === kind);
const loop = computed(() => at("loop"));
const hook = computed(() => at("hook"));
const former = computed(() => {
  const { sections, endings } = bench.draft.value!;
  return sections[0]!.base.indexOf(endings[0]!.wires[0]!) + 1;
});

/** Has the next wire form the closures. */
function nextFormer() {
  const piece = bench.draft.value!;
  const endings = piece.endings.map((ending) => ({
    ...ending,
    wires: [...ending.wires.slice(1), ending.wires[0]!],
  }));
  void bench.change({ ...piece, endings } as typeof piece);
}
</script>

<template>
  <div class="fine-print" @keydown.esc="emit('fold')">
    <p v-if="topic === 'endings' && loop >= 0">
      The loop is <LiveSize :path="`/endings/${loop}/inside`" label="Inside of the loop" :by="0.5" /> inside, its neck
      bound <LiveCount :path="`/endings/${loop}/wraps`" label="Wraps on the loop's neck" /> times. The hook is
      <LiveSize :path="`/endings/${hook}/inside`" label="Inside of the hook" :by="0.5" /> inside, on a shank of
      <LiveSize :path="`/endings/${hook}/shank`" label="Shank of the hook" :by="0.5" />, its neck bound
      <LiveCount :path="`/endings/${hook}/wraps`" label="Wraps on the hook's neck" /> times.
      <button type="button" class="unfold plain" @click="nextFormer">Wire {{ former }}</button>
      forms both; the next one binds the hook.
    </p>
    <BaseFine v-else-if="topic === 'base'" />
    <WeavingFine v-else-if="topic === 'weaving'" />
    <CoilsFine v-else-if="topic === 'coils'" />
    <button type="button" class="fold" aria-label="Fold away" @click="emit('fold')">×</button>
  </div>
</template>
