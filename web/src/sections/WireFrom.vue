<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import LiveChoice from "../brief/LiveChoice.vue";
import { withWovenOn, wovenBefore, wovenOnFrom } from "./goingOn";

/** Whether the section in hand is made with a length of its own, or with the wire of a section before it. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const options = computed(() => [
  { key: "", name: "a length of its own" },
  ...wovenBefore(piece.value, bench.hand.value, bench.answer.value!.plan).map((id) => ({
    key: id,
    name: `the wire of section ${piece.value.sections.findIndex((one) => one.id === id) + 1}`,
  })),
]);
</script>

<template>
  <LiveChoice
    v-if="options.length > 1"
    :value="wovenOnFrom(piece, bench.hand.value)"
    :options="options"
    label="What it is made with"
    @change="(from) => bench.change(withWovenOn(piece, bench.hand.value, from))"
  />
</template>
