<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import LiveChoice from "../brief/LiveChoice.vue";
import { withWovenOn, wovenBefore, wovenOnFrom } from "./goingOn";

/** Whether the section in hand is made with a length of its own, or with the wire of a section before it. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const before = computed(() => wovenBefore(piece.value, bench.hand.value, bench.answer.value!.plan));
const key = (from: { section: string; other: boolean } | null) =>
  from ? `${from.section} ${from.other ? "other" : "on"}` : "";
const options = computed(() => [
  { key: "", name: "a length of its own" },
  ...before.value.map((from) => ({
    key: key(from),
    name: `the ${from.other ? "other end of the " : ""}wire of section ${numberOf(from.section)}`,
  })),
]);
const numberOf = (id: string) => piece.value.sections.findIndex((one) => one.id === id) + 1;
const take = (chosen: string) => {
  const from = before.value.find((one) => key(one) === chosen) ?? null;
  void bench.change(withWovenOn(piece.value, bench.hand.value, from));
};
</script>

<template>
  <LiveChoice
    v-if="options.length > 1"
    :value="key(wovenOnFrom(piece, bench.hand.value))"
    :options="options"
    label="What it is made with"
    @change="take"
  />
</template>
