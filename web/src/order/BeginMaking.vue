<script setup lang="ts">
import { computed, onMounted, ref } from "vue";
import { useRoute, useRouter } from "vue-router";
import { api } from "../api/client";
import type { MakingRow } from "../api/makings";

/** From the order of work to the bench: a new making of the piece, or on with one that was begun. */
const route = useRoute();
const router = useRouter();
const piece = computed(() => String(route.params.id));
const begun = ref<MakingRow[]>([]);
const trouble = ref("");
const busy = ref(false);
onMounted(async () => {
  const all = await api.makings({ piece: piece.value }).catch(() => ({ makings: [] as MakingRow[] }));
  begun.value = all.makings.filter((one) => !one.finished_at);
});
async function begin() {
  busy.value = true;
  try {
    await router.push(`/makings/${(await api.beginMaking(piece.value)).id}`);
  } catch (error) {
    trouble.value = error instanceof Error ? error.message : "Meander cannot be reached";
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <RouterLink v-if="begun[0]" class="btn btn-primary" :to="`/makings/${begun[0].id}`"
    >Go on making it ({{ begun[0].done }} of {{ begun[0].of }})</RouterLink
  >
  <BButton :variant="begun.length ? 'outline-primary' : 'primary'" :disabled="busy" @click="begin">{{
    begun.length ? "Make another" : "Make it"
  }}</BButton>
  <span v-if="trouble" class="text-danger" role="alert">{{ trouble }}</span>
</template>
