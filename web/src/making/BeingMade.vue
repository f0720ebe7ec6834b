<script setup lang="ts">
import { onMounted, shallowRef } from "vue";
import { api } from "../api/client";
import type { MakingRow } from "../api/makings";

/** On the bench of a piece: that it is being made, how far and since when, and on to that. */
const props = defineProps<{ piece: string }>();
const row = shallowRef<MakingRow | null>(null);
onMounted(async () => {
  const found = await api.makings({ piece: props.piece }).catch(() => null);
  row.value = found?.makings.find((one) => !one.finished_at) ?? null;
});
const day = (at: string) => new Date(at).toLocaleDateString(undefined, { day: "numeric", month: "short" });
</script>

<template>
  <RouterLink v-if="row" class="btn btn-link text-nowrap" :to="`/makings/${row.id}`"
    >Being made since {{ day(row.begun_at) }}: {{ row.done }} of {{ row.of }}</RouterLink
  >
</template>
