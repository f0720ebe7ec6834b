<script setup lang="ts">
import { computed } from "vue";
import { answered, isPinned, pinPath, type Quantity, withPin } from "../bench/pins";
import { useBench } from "../bench/useBench";
import { useSettings } from "../settings/useSettings";
import { useFormat, withUnit } from "../units/format";
import { alsoReads } from "../units/also";
import { stepText } from "../units/step";
import LiveText from "./LiveText.vue";

/** A quantity that may be pinned: pinned it is the maker's value, free it is the answer; typing into it pins it. */
const props = defineProps<{ quantity: Quantity; label: string; by: number }>();

const bench = useBench();
const settings = useSettings();
const format = useFormat();
const counted = ["repeats", "frames"].includes(props.quantity);
const pinned = computed(() => isPinned(bench.draft.value!, props.quantity, bench.hand.value));
const path = computed(() => (pinned.value ? pinPath(bench.draft.value!, props.quantity, bench.hand.value) : "/pins/-"));
const fault = computed(() => bench.faults.value.find((one) => one.path === path.value));
const doubtful = computed(() =>
  bench.advice().some((item) => item.place === path.value && item.id === "value-doubtful"),
);

const answer = computed(() => {
  const { plan, document } = bench.answer.value!;
  const value = answered(plan, props.quantity, document, bench.hand.value);
  if (value === null) return "—";
  if (counted) return String(value);
  if (props.quantity === "finger") return `ISO ${value.toFixed(1)}`;
  return props.quantity === "wire" ? format.long(value) : format.length(value);
});
const value = computed(() => {
  if (!pinned.value) return answer.value;
  const kept = bench.value(path.value);
  return counted ? String(kept) : (kept as { typed: string }).typed;
});
const also = computed(() => {
  const read = pinned.value && !counted ? bench.read(path.value) : undefined;
  return read?.typed === value.value ? alsoReads(value.value, format.length(read.mm)) : undefined;
});

function change(text: string) {
  const whole = /^\s*\d+\s*$/.test(text);
  const asTyped = props.quantity === "finger" ? text : withUnit(text, settings.units);
  const next = counted ? (whole ? Number(text) : text) : asTyped;
  if (pinned.value) void bench.edit(path.value, counted ? next : { typed: next });
  else void bench.change(withPin(bench.draft.value!, props.quantity, next, bench.hand.value), props.quantity);
}
</script>

<template>
  <LiveText
    :free="!pinned"
    :value="value"
    :label="label"
    :fault="fault"
    :doubtful="doubtful"
    :also="also"
    :step="(text, direction) => stepText(text, direction, by)"
    @change="change"
  />
</template>
