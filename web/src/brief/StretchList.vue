<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import type { Stretch } from "../api/client";
import { section, type WalkPattern, withWalk } from "../bench/weave";
import { baseOf } from "../document/routes";
import LiveCount from "./LiveCount.vue";
import LiveGaps from "./LiveGaps.vue";

/** What is woven before or after the repeats: walks, each so many times. */
const props = defineProps<{ side: "before" | "after" }>();

const bench = useBench();
const MOST = 30;
const pattern = computed(() => section(bench.draft.value!, bench.hand.value).pattern as WalkPattern);
const wires = computed(() => baseOf(bench.draft.value!, bench.hand.value).length);
const stretches = computed(() => pattern.value[props.side]);
const put = (list: Stretch[]) =>
  void bench.change(withWalk(bench.draft.value!, bench.hand.value, { [props.side]: list }));

/** Anchors on one wire and brings the others in; the last stretch is turned round where the repeats begin at its last gap. */
function begin(how: "one_by_one" | "in_pairs") {
  const list = bench.catalogue.value!.beginnings[wires.value]![how];
  const turned = list.at(-1)!.gaps.at(-1) === pattern.value.gaps[0];
  put(list.map((one) => (turned ? { ...one, gaps: [...one.gaps].reverse() } : one)));
}

/** Single coils beside the gap the repeats begin at. */
function add() {
  const first = pattern.value.gaps[0] ?? 0;
  const next = first < wires.value ? first + 1 : first - 1;
  put([...stretches.value, { gaps: [first, next], times: 3 }]);
}
</script>

<template>
  <span v-for="(_, i) in stretches" :key="i" class="d-flex flex-wrap align-items-center gap-2">
    <LiveCount :path="bench.path(`pattern/${side}/${i}/times`)" :label="`Times, ${side} ${i + 1}`" /> ×
    <LiveGaps :path="bench.path(`pattern/${side}/${i}/gaps`)" :label="`Gaps, ${side} ${i + 1}`" />
    <BButton variant="link" :aria-label="`Remove ${side} ${i + 1}`" @click="put(stretches.filter((_, k) => k !== i))">
      remove
    </BButton>
  </span>
  <span v-if="!stretches.length">nothing</span>
  <BButton v-if="stretches.length < MOST" variant="link" @click="add">add coils</BButton>
  <template v-if="side === 'before' && wires > 1">
    <BButton variant="link" @click="begin('one_by_one')">bring the wires in one by one</BButton>
    <BButton variant="link" @click="begin('in_pairs')">bring them in by pairs</BButton>
  </template>
</template>
