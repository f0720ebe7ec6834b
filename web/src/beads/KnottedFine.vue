<script setup lang="ts">
import CountsField from "./CountsField.vue";

/** How many knots lie from bead to bead. */
defineProps<{ path: string; name: string }>();
</script>

<template>
  , one with every <CountsField :path="`${path}/every`" :label="`${name}: knots from bead to bead`" /> of them
</template>
