<script setup lang="ts">
import { ref } from "vue";

/** More to read, behind the words that name it. */
const props = defineProps<{ words: string; opened?: boolean }>();
const open = ref(props.opened ?? false);
</script>

<template>
  <div>
    <BButton
      variant="link"
      class="w-100 px-0 fw-normal text-start text-body d-block"
      :aria-expanded="open"
      @click="open = !open"
    >
      <slot name="words">{{ words }}</slot> <span class="text-primary" aria-hidden="true">{{ open ? "▴" : "▾" }}</span>
    </BButton>
    <div v-if="open"><slot /></div>
  </div>
</template>
