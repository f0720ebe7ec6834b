<script setup lang="ts">
/** A word in a sentence that can be exchanged for another. */
defineProps<{ value: string; options: { key: string; name: string }[]; label: string }>();
const emit = defineEmits<{ change: [key: string] }>();
</script>

<template>
  <span class="live">
    <select :value="value" :aria-label="label" @change="emit('change', ($event.target as HTMLSelectElement).value)">
      <option v-for="option in options" :key="option.key" :value="option.key">{{ option.name }}</option>
    </select>
  </span>
</template>
