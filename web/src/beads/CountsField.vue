<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import LiveText from "../brief/LiveText.vue";

/** How many beads each row has: a list of numbers, or "fill" for as many as each row holds. */
const props = defineProps<{ path: string; label: string }>();
const bench = useBench();
const fault = bench.faultAt(props.path);
const value = computed(() => {
  const counts = bench.value(props.path);
  return Array.isArray(counts) ? counts.join(", ") || "fill" : String(counts ?? "");
});
/** What is no list of numbers goes to the core as it is, to be answered there. */
function change(text: string) {
  const plain = text.trim().toLowerCase();
  if (plain === "" || plain === "fill") return void bench.edit(props.path, []);
  const parts = plain.split(/[\s,;]+/).filter(Boolean);
  void bench.edit(props.path, parts.every((part) => /^\d+$/.test(part)) ? parts.map(Number) : text);
}
</script>

<template>
  <LiveText :value="value" :label="label" :fault="fault" :step="(text) => text" @change="change" />
</template>
