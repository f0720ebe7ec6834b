<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import { isWoven, section, withWalk } from "../bench/weave";
import KeepWeave from "./KeepWeave.vue";
import LiveChoice from "./LiveChoice.vue";
import LiveCount from "./LiveCount.vue";
import LiveGaps from "./LiveGaps.vue";
import NotationField from "./NotationField.vue";

/** The weave in the sentence: coils round one and both, a weave of the short list, or any walk through the gaps. */
const emit = defineEmits<{ look: [] }>();
const bench = useBench();
const now = computed(() => section(bench.draft.value!, bench.hand.value));
const coils = computed(() => now.value.pattern.kind === "coils");
const samples = computed(() => bench.catalogue.value!.weaves.filter((sample) => !sample.coils));

const key = computed(() =>
  coils.value
    ? "coils"
    : (samples.value.find((sample) => isWoven(bench.draft.value!, bench.hand.value, sample))?.key ?? "own"),
);
const options = computed(() => [
  { key: "coils", name: "coils" },
  ...samples.value.map(({ key, name }) => ({ key, name })),
  { key: "own", name: "a walk of its own" },
]);

function take(next: string) {
  const piece = bench.draft.value!;
  const sample = samples.value.find((one) => one.key === next);
  if (sample) return void bench.change(bench.woven(sample));
  if (next === "own") return void bench.change(withWalk(piece, bench.hand.value));
  return void bench.change(bench.withCoils(piece));
}
</script>

<template>
  <LiveChoice :value="key" :options="options" label="The weave" @change="take" />
  (<button type="button" class="unfold plain" @click="emit('look')">look at them all</button>)<template v-if="coils"
    >, <LiveCount :path="bench.path('pattern/single')" label="Coils on the near wire" /> round one and
    <LiveCount :path="bench.path('pattern/both')" label="Wraps round both" /> round both,
  </template>
  <template v-else>
    {{ " " }}through the gaps <LiveGaps :path="bench.path('pattern/gaps')" label="Gaps of the walk" />, in short
    <NotationField />, <KeepWeave />,
  </template>
</template>
