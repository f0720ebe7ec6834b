<script setup lang="ts">
/** Things to choose from, each by its small picture and its name; what cannot be chosen now says why. */
defineProps<{
  options: { key: string; name: string; lines: string[] | undefined; about?: string; off?: string | false }[];
}>();
const emit = defineEmits<{ choose: [key: string] }>();
</script>

<template>
  <div class="picture-choices">
    <BButton
      v-for="option in options"
      :key="option.key"
      variant="outline-secondary"
      class="justify-content-start gap-3 text-start"
      :disabled="Boolean(option.off)"
      @click="emit('choose', option.key)"
    >
      <svg viewBox="0 0 48 48" class="kind-picture" aria-hidden="true">
        <path v-for="line in option.lines" :key="line" :d="line" />
      </svg>
      <span
        ><b>{{ option.name }}</b>
        <small v-if="option.off || option.about" class="d-block quiet">{{ option.off || option.about }}</small></span
      >
    </BButton>
  </div>
</template>
