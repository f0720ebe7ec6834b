<script setup lang="ts">
import { computed } from "vue";

/** A word in a sentence that can be exchanged for another. */
const props = defineProps<{ value: string; options: { key: string; name: string }[]; label: string }>();
const emit = defineEmits<{ change: [key: string] }>();
const name = computed(() => props.options.find((option) => option.key === props.value)?.name ?? props.value);
</script>

<template>
  <span class="live live-choice">
    <span aria-hidden="true">{{ name }}</span>
    <select :value="value" :aria-label="label" @change="emit('change', ($event.target as HTMLSelectElement).value)">
      <option v-for="option in options" :key="option.key" :value="option.key">{{ option.name }}</option>
    </select>
  </span>
</template>
