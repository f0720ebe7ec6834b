<script setup lang="ts">
import { computed } from "vue";
import type { Plan } from "../generated/plan";

/** What keeps a piece from being made as it stands, on its printed page. */
const props = defineProps<{ advice: Plan["advice"] }>();
const stops = computed(() => props.advice.filter((item) => item.severity === "stop"));
</script>

<template>
  <ul v-if="stops.length" class="print-stops">
    <li v-for="item in stops" :key="item.title">
      <b>{{ item.title }}.</b> {{ item.why }}
    </li>
  </ul>
</template>
