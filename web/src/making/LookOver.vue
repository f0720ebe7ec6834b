<script setup lang="ts">
import { computed } from "vue";
import type { Found, MakingTold } from "../api/makings";

/** What this piece is looked over for in the end: as it should be, to be mended, or mended since. */
const props = defineProps<{ told: MakingTold }>();
const emit = defineEmits<{ looked: [item: string, found: Found] }>();
const passed = computed(() => props.told.looked.filter((one) => one.found && one.found !== "mend").length);
</script>

<template>
  <details class="panel mt-3" :open="told.hand === null">
    <summary>
      <h2 class="d-inline">Look it over</h2>
      <span class="quiet figures ms-2">{{ passed }} of {{ told.looked.length }} as they should be</span>
    </summary>
    <ul class="list-unstyled mb-0 mt-2">
      <li
        v-for="one in told.looked"
        :key="one.id"
        class="d-flex flex-wrap align-items-center gap-2 py-1 border-bottom"
        :class="{ 'bg-warning-subtle': one.found === 'mend' }"
      >
        <span class="flex-fill">{{ one.words }}</span>
        <BButton
          variant="outline-primary"
          :pressed="one.found === 'pass'"
          :aria-label="`As it should be: ${one.words}`"
          @click="emit('looked', one.id, 'pass')"
          >As it should be</BButton
        >
        <BButton
          variant="outline-secondary"
          :pressed="one.found === 'mend'"
          :aria-label="`To be mended: ${one.words}`"
          @click="emit('looked', one.id, 'mend')"
          >Mend</BButton
        >
        <BButton
          v-if="one.found === 'mend' || one.found === 'mended'"
          variant="outline-secondary"
          :pressed="one.found === 'mended'"
          :aria-label="`Mended: ${one.words}`"
          @click="emit('looked', one.id, 'mended')"
          >Mended</BButton
        >
      </li>
    </ul>
  </details>
</template>
