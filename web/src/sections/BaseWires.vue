<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import LiveWire from "../brief/LiveWire.vue";
import { useSame } from "../common/useSame";
import { alike } from "../document/kinds";
import { baseOf } from "../document/routes";

/** The base wires of the section in hand: those alike said once. */
const bench = useBench();
const bases = useSame(() => baseOf(bench.draft.value!, bench.hand.value));
const allAlike = computed(() => alike(bench.draft.value!, bases.value));
</script>

<template>
  <template v-if="allAlike">
    {{ bases.length }} {{ bases.length === 1 ? "wire" : "base wires" }} of <LiveWire :wires="bases" name="Base wires" />
  </template>
  <template v-for="(wire, i) in allAlike ? [] : bases" :key="i"
    >{{ i ? " and " : "" }}<LiveWire :wires="[wire]" :name="`Base wire ${i + 1}`"
  /></template>
</template>
