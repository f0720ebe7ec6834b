<script lang="ts">
export type Topic = "base" | "weaving" | "coils";
</script>

<script setup lang="ts">
import BaseFine from "./BaseFine.vue";
import CoilsFine from "./CoilsFine.vue";
import WeavingFine from "./WeavingFine.vue";

/** The less common choices that belong to a word of a sentence. */
defineProps<{ topic: Topic }>();
const emit = defineEmits<{ fold: [] }>();
</script>

<template>
  <div class="fine-print d-flex gap-3 align-items-start rounded bg-body-tertiary ps-3 pe-2 py-1 serif lh-lg">
    <BaseFine v-if="topic === 'base'" />
    <WeavingFine v-else-if="topic === 'weaving'" />
    <CoilsFine v-else-if="topic === 'coils'" />
    <BCloseButton aria-label="Fold away" @click="emit('fold')" />
  </div>
</template>
