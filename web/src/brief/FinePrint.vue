<script lang="ts">
export type Topic = "endings" | "base" | "weaving" | "coils";
</script>

<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import LiveCount from "./LiveCount.vue";
import LiveSize from "./LiveSize.vue";

/** The less common choices that belong to a word of the brief. */
defineProps<{ topic: Topic }>();
const emit = defineEmits<{ fold: [] }>();

const bench = useBench();
const at = (kind: string) => bench.draft.value!.endings.findIndex((ending) => ending.kind === kind);
const loop = computed(() => at("loop"));
const hook = computed(() => at("hook"));

/** Swaps which wire forms the closures and which binds them. */
function swapFormer() {
  const piece = bench.draft.value!;
  const endings = piece.endings.map((ending) => ({ ...ending, wires: [...ending.wires].reverse() }));
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
      <LiveCount :path="`/endings/${hook}/wraps`" label="Wraps on the hook's neck" /> times. The
      <button type="button" class="unfold plain" @click="swapFormer">
        {{ bench.draft.value!.endings[0]!.wires[0] === bench.draft.value!.sections[0]!.base[0] ? "near" : "far" }} wire
      </button>
      forms both; the other binds the hook.
    </p>
    <p v-else-if="topic === 'base'">
      Each base wire is cut with a tail of <LiveSize path="/allowances/base_tail" label="Tail of a base wire" /> to hold
      before the start, and <LiveSize path="/allowances/trim" label="Trim allowance" /> to trim at the far end.
    </p>
    <p v-else-if="topic === 'weaving'">
      Work with lengths of at most
      <LiveSize path="/allowances/working_length" label="Comfortable working length" :by="50" />. Each keeps two tails
      of <LiveSize path="/allowances/tail" label="Weaving-wire tail" :by="5" /> and loses
      <LiveSize path="/allowances/waste" label="Waste on each length" :by="5" /> too short to hold. Add
      <LiveCount path="/allowances/margin" label="Margin in percent" percent /> % to be safe.
    </p>
    <p v-else-if="topic === 'coils'">
      <LiveCount path="/sections/0/pattern/anchor" label="Anchor coils" /> more single coils anchor the wire before the
      first repeat; <LiveCount path="/sections/0/pattern/closing" label="Closing coils" /> single coils close after the
      last.
    </p>
    <button type="button" class="fold" aria-label="Fold away" @click="emit('fold')">×</button>
  </div>
</template>
