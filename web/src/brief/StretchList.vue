<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import type { Stretch } from "../api/client";
import { section, type WalkPattern, withWalk } from "../bench/weave";
import { baseOf } from "../document/routes";
import { mm } from "../choices/choices";
import LiveChoice from "./LiveChoice.vue";
import LiveCount from "./LiveCount.vue";
import LiveGaps from "./LiveGaps.vue";
import LiveSize from "./LiveSize.vue";

/** What is woven before or after the repeats: walks, each so many times, or so far. */
const props = defineProps<{ side: "before" | "after" }>();

const bench = useBench();
const MOST = 30;
const pattern = computed(() => section(bench.draft.value!, bench.hand.value).pattern as WalkPattern);
const wires = computed(() => baseOf(bench.draft.value!, bench.hand.value).length);
const stretches = computed(() => pattern.value[props.side]);
const put = (list: Stretch[]) =>
  void bench.change(withWalk(bench.draft.value!, bench.hand.value, { [props.side]: list }));

const SAID = [
  { key: "times", name: "times" },
  { key: "length", name: "long" },
];
/** How often each is woven, as it is planned. */
const counts = computed(() => bench.strip.value?.weave.stretches[props.side] ?? []);
/** So far instead of so many times; or as many times as it was planned. */
function say(i: number, how: string) {
  const { gaps } = stretches.value[i]!;
  const said = how === "times" ? { times: counts.value[i] ?? 3, length: null } : { times: null, length: mm(10) };
  put(stretches.value.map((one, k) => (k === i ? { gaps, ...said } : one)));
}

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
  <span v-for="(one, i) in stretches" :key="i" class="d-flex flex-wrap align-items-center gap-2">
    <LiveCount
      v-if="one.times !== null"
      :path="bench.path(`pattern/${side}/${i}/times`)"
      :label="`Times, ${side} ${i + 1}`"
    />
    <LiveSize v-else :path="bench.path(`pattern/${side}/${i}/length`)" :label="`How far, ${side} ${i + 1}`" :by="1" />
    <LiveChoice
      :value="one.times === null ? 'length' : 'times'"
      :options="SAID"
      :label="`How it is said, ${side} ${i + 1}`"
      @change="(how) => say(i, how)"
    /><template v-if="one.times === null && counts[i]">({{ counts[i] }} times)</template>
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
