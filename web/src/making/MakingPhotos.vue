<script setup lang="ts">
import { ref } from "vue";
import { api } from "../api/client";
import type { Making } from "../api/makings";
import { putPhoto } from "./photo";

/** Photos of a making, kept with it; where they were taken and with what is left out. */
const props = defineProps<{ making: Making }>();
const emit = defineEmits<{ changed: [] }>();
const busy = ref(false);
const trouble = ref("");
async function put(event: Event) {
  const input = event.target as HTMLInputElement;
  busy.value = true;
  trouble.value = "";
  for (const file of input.files ?? []) trouble.value ||= await putPhoto(props.making.id, file);
  input.value = "";
  busy.value = false;
  emit("changed");
}
async function remove(id: string) {
  await api.removePhoto(props.making.id, id).catch(() => (trouble.value = "It could not be removed, try again."));
  emit("changed");
}
</script>

<template>
  <div class="mt-2">
    <label class="d-flex flex-wrap align-items-center gap-2"
      >Photos, without the place and maker's data in them
      <input
        type="file"
        class="form-control w-auto"
        accept="image/jpeg,image/png,image/webp"
        multiple
        aria-label="Add photos"
        :disabled="busy"
        @change="put"
      />
    </label>
    <p v-if="busy" role="status" class="quiet mb-0">Keeping…</p>
    <p v-if="trouble" class="text-danger mb-0" role="alert">{{ trouble }}</p>
    <ul class="list-unstyled d-flex flex-wrap gap-3 mt-2 mb-0">
      <li v-for="(photo, i) in making.photos" :key="photo.id" class="d-grid justify-items-center">
        <a :href="`/api/makings/${making.id}/photos/${photo.id}`" target="_blank" rel="noopener">
          <img
            class="making-photo rounded border"
            :src="`/api/makings/${making.id}/photos/${photo.id}`"
            :alt="`Photo ${i + 1} of ${making.name}, ${photo.words}`"
            loading="lazy"
          />
        </a>
        <BButton variant="link" size="sm" :aria-label="`Remove photo ${i + 1}`" @click="remove(photo.id)"
          >Remove</BButton
        >
      </li>
    </ul>
  </div>
</template>
