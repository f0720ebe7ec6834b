<script setup lang="ts">
import { computed } from "vue";
import type { MakingTold } from "../api/makings";

/** What is laid out before the first step, each ticked once it lies there; folded away as soon as something is done. */
const props = defineProps<{ told: MakingTold }>();
const emit = defineEmits<{ laid: [item: string] }>();
const there = computed(() => props.told.laid_out.filter((one) => one.found).length);
</script>

<template>
  <details class="panel mt-2" :open="told.done === 0 && there < told.laid_out.length">
    <summary>
      <h2 class="d-inline">Lay out</h2>
      <span class="quiet figures ms-2">{{ there }} of {{ told.laid_out.length }} lie ready</span>
    </summary>
    <ul class="list-unstyled mb-0 mt-2">
      <li v-for="one in told.laid_out" :key="one.id" class="py-1">
        <BFormCheckbox
          :model-value="Boolean(one.found)"
          :disabled="Boolean(one.found)"
          @update:model-value="emit('laid', one.id)"
          >{{ one.words }}</BFormCheckbox
        >
      </li>
    </ul>
  </details>
</template>
