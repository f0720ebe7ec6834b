<script setup lang="ts">
import type { usePractice } from "./usePractice";

/** Where does the wire go next? The gaps to choose from, near one first, and what was right or wrong about the last answer. */
defineProps<{
  practice: ReturnType<typeof usePractice>;
  /** Every gap in words, as the work is held. */
  places: string[];
}>();
</script>

<template>
  <div class="practice mb-2">
    <p
      aria-live="assertive"
      class="practice-said rounded px-2 d-flex flex-wrap align-items-baseline column-gap-3 mb-2"
      :class="practice.said.value?.right ? 'right bg-primary-subtle' : 'bg-warning-subtle'"
    >
      <template v-if="practice.trouble.value">{{ practice.trouble.value }}</template>
      <template v-else-if="practice.shown.value"><b>It goes</b> {{ practice.shown.value }}. And then?</template>
      <template v-else-if="!practice.said.value"
        >Where does the wire go next? Say it, or press the gap's number.</template
      >
      <template v-else-if="practice.said.value.right"
        ><b>Right:</b> {{ practice.said.value.words }} — {{ practice.said.value.why }}.</template
      >
      <template v-else><b>Not yet:</b> {{ practice.said.value.why }}.</template>
      <span class="figures quiet">{{ practice.score.value.right }} of {{ practice.score.value.asked }} right</span>
    </p>
    <div class="d-flex flex-wrap align-items-center gap-2">
      <BButton v-for="(place, gap) in places" :key="gap" variant="outline-primary" @click="practice.say(gap)">
        {{ gap }}: {{ place }}
      </BButton>
      <BButton variant="link" @click="practice.show()">Show me</BButton>
    </div>
  </div>
</template>
