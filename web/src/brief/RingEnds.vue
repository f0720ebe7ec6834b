<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import type { Piece } from "../generated/piece";
import LiveChoice from "./LiveChoice.vue";
import LiveCount from "./LiveCount.vue";

/** How the base wires of a ring end: cut flush, or wrapped over the band. */
const bench = useBench();
const ends = computed(() => bench.draft.value!.endings);
const WAYS = [
  { key: "plain", name: "cut flush" },
  { key: "wrap", name: "wrapped over the band" },
];
function take(kind: string) {
  const piece = bench.draft.value!;
  const endings = piece.endings.map(({ id }) => ({
    id,
    kind,
    ...(kind === "wrap" ? { wraps: 2 } : {}),
  }));
  void bench.change({ ...piece, endings } as Piece);
}
</script>

<template>
  its wires
  <LiveChoice :value="ends[0]!.kind" :options="WAYS" label="How the wires of the ring end" @change="take" /><template
    v-if="ends[0]!.kind === 'wrap'"
  >
    (turns at the start: <LiveCount path="/endings/0/wraps" label="Wraps over the band at the start" />, at the end:
    <LiveCount path="/endings/1/wraps" label="Wraps over the band at the end" />)</template
  >
</template>
