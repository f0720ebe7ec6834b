<script setup lang="ts">
import { computed, ref } from "vue";
import { useBench } from "../bench/useBench";
import { MOST_BASE, withBase } from "../bench/weave";
import { baseOf } from "../document/routes";
import LiveText from "./LiveText.vue";

/** How many base wires there are; typing another number lays more like the last, or takes them away. */
const bench = useBench();
const count = computed(() => baseOf(bench.draft.value!, bench.hand.value).length);
const refused = ref<string | null>(null);
const fault = computed(() =>
  refused.value === null
    ? undefined
    : {
        path: bench.path("base"),
        code: "count",
        message: `“${refused.value}” is not a number of base wires`,
        given: refused.value,
        accepted: `a whole number from 1 to ${MOST_BASE}`,
        likely: [],
      },
);

function change(text: string) {
  const number = /^\s*\d{1,3}\s*$/.test(text) ? Number(text) : 0;
  refused.value = number >= 1 && number <= MOST_BASE ? null : text;
  if (refused.value === null) void bench.change(withBase(bench.draft.value!, bench.hand.value, number));
}
const step = (text: string, direction: 1 | -1) =>
  String(Math.min(Math.max(Number.parseInt(text) + direction || 1, 1), MOST_BASE));
</script>

<template>
  <LiveText
    :value="String(count)"
    label="Number of base wires"
    :fault="fault"
    :step="step"
    @change="change"
    @focusout="refused = null"
  /><small v-if="fault" class="said-wrong text-danger small sans" role="alert"
    >{{ fault.message }}; accepted: {{ fault.accepted }}</small
  >
</template>
