<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import LiveText from "./LiveText.vue";

/** A number of the document at a JSON pointer: a whole count, or a share shown in percent. */
const props = defineProps<{
  path: string;
  label: string;
  percent?: boolean;
  /** May be less than nothing. */ signed?: boolean;
}>();

const bench = useBench();
const fault = bench.faultAt(props.path);
const factor = computed(() => (props.percent ? 100 : 1));
const value = computed(() => {
  const raw = bench.value(props.path);
  return typeof raw === "number" ? String(Number((raw * factor.value).toFixed(4))) : String(raw ?? "");
});

/** Text that is no number goes to the core as it is, to be answered there. */
function change(text: string) {
  const plain = text.trim().replace(/%$/, "").replace(",", ".");
  void bench.edit(props.path, /^-?\d+(\.\d+)?$/.test(plain) ? Number((Number(plain) / factor.value).toFixed(6)) : text);
}
const step = (text: string, direction: 1 | -1) =>
  String(Math.max(Number.parseFloat(text) + direction || 0, props.signed ? -Infinity : 0));
</script>

<template>
  <LiveText :value="value" :label="label" :fault="fault" :step="step" @change="change" />
</template>
