<script setup lang="ts">
import { ref } from "vue";

/** More to read, behind the words that name it. */
const props = defineProps<{ words: string; opened?: boolean }>();
const open = ref(props.opened ?? false);
</script>

<template>
  <div>
    <button type="button" class="more-words" :aria-expanded="open" @click="open = !open">
      <slot name="words">{{ words }}</slot>
    </button>
    <div v-if="open"><slot /></div>
  </div>
</template>
