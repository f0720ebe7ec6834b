<script setup lang="ts">
import type { Plan } from "../generated/plan";
import { useFormat } from "../units/format";

/** All the working wire kept three ways. */
defineProps<{ supply: Plan["supply"] }>();
const format = useFormat();
const WAYS = { lengths: "a length cut for each", bobbin: "one bobbin for all", spool: "straight from the spool" };
</script>

<template>
  <ul class="supply mt-2 ps-3 figures" aria-label="Weaving wire kept three ways">
    <li v-for="way in supply" :key="way.kind" :class="{ quiet: !way.possible }">
      {{ WAYS[way.kind] }}: <b>{{ format.long(way.total_mm) }}</b>, {{ format.long(way.over_mm) }} of it not
      woven<template v-if="way.why"> ({{ way.why }})</template>
    </li>
  </ul>
</template>
