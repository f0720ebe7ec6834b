<script setup lang="ts">
import type { MakingStep, StepTold } from "../api/makings";

/** What was really done at the same step of the first one, or of the first half, to be done again. */
defineProps<{ step: MakingStep; now: StepTold }>();
</script>

<template>
  <div v-if="now.before.length" class="border-start border-primary border-3 ps-2 mb-2">
    <span class="quiet">The {{ step.model }} became:</span>
    <ul class="mb-0">
      <li v-for="(line, i) in now.before" :key="i" class="figures">{{ line }}</li>
    </ul>
  </div>
</template>
