<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import { section, type Stretch, type WalkPattern, withWalk } from "../bench/weave";
import LiveCount from "./LiveCount.vue";
import LiveGaps from "./LiveGaps.vue";

/** What is woven before or after the repeats: walks, each so many times. */
const props = defineProps<{ side: "before" | "after" }>();

const bench = useBench();
const pattern = computed(() => section(bench.draft.value!).pattern as WalkPattern);
const stretches = computed(() => pattern.value[props.side]);
const put = (list: Stretch[]) => void bench.change(withWalk(bench.draft.value!, { [props.side]: list }));

/** Single coils beside the gap the repeats begin at. */
function add() {
  const first = pattern.value.gaps[0] ?? 0;
  const next = first < section(bench.draft.value!).base.length ? first + 1 : first - 1;
  put([...stretches.value, { gaps: [first, next], times: 3 }]);
}
</script>

<template>
  <span v-for="(_, i) in stretches" :key="i" class="stretch">
    <LiveCount :path="`/sections/0/pattern/${side}/${i}/times`" :label="`Times, ${side} ${i + 1}`" /> ×
    <LiveGaps :path="`/sections/0/pattern/${side}/${i}/gaps`" :label="`Gaps, ${side} ${i + 1}`" />
    <button
      type="button"
      class="quiet-act"
      :aria-label="`Leave out ${side} ${i + 1}`"
      @click="put(stretches.filter((_, k) => k !== i))"
    >
      leave out
    </button>
  </span>
  <span v-if="!stretches.length">nothing</span>
  <button v-if="stretches.length < 12" type="button" class="quiet-act" @click="add">add coils</button>
</template>
