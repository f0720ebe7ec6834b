<script setup lang="ts">
import { ref } from "vue";
import type { MakingTold } from "../api/makings";
import { useFormat } from "../units/format";
import { overdue, RATED } from "./log";

/** When it is to be finished, how well it came out, what is left of the wire. */
defineProps<{ told: MakingTold }>();
const emit = defineEmits<{ due: [on: string]; rated: [stars: number]; offcut: [words: string, mm: number] }>();
const format = useFormat();
const words = ref("");
const mm = ref<number | null>(null);
function keep() {
  if (!words.value.trim() || !mm.value || mm.value <= 0) return;
  emit("offcut", words.value.trim().slice(0, 120), mm.value);
  words.value = "";
  mm.value = null;
}
</script>

<template>
  <section class="panel mt-3" aria-label="This making">
    <h2>This making</h2>
    <div class="d-flex flex-wrap align-items-center column-gap-4 row-gap-2">
      <label class="d-flex align-items-center gap-2"
        >To be finished by
        <BFormInput
          type="date"
          class="figures w-auto"
          :model-value="told.due ?? ''"
          aria-label="To be finished by"
          @change="(event: Event) => emit('due', (event.target as HTMLInputElement).value)"
      /></label>
      <span v-if="overdue(told)" class="text-danger" role="status">That day is past.</span>
      <label class="d-flex align-items-center gap-2"
        >It came out
        <BFormSelect
          :model-value="told.rated ?? 0"
          class="w-auto"
          aria-label="How well it came out"
          @update:model-value="(stars) => Number(stars) && emit('rated', Number(stars))"
        >
          <option :value="0" disabled>not said</option>
          <option v-for="(name, i) in RATED" :key="name" :value="i + 1">{{ name }}</option>
        </BFormSelect></label
      >
    </div>
    <form class="d-flex flex-wrap align-items-center gap-2 mt-2" @submit.prevent="keep">
      <label class="d-flex align-items-center gap-2"
        >Left over and kept
        <BFormInput
          v-model.number="mm"
          type="number"
          min="0.1"
          max="100000"
          step="0.1"
          class="figures count-small"
          aria-label="Left over, in mm"
        />
        mm of</label
      >
      <BFormInput v-model="words" class="w-auto" maxlength="120" placeholder="wire" aria-label="Left over of" />
      <BButton type="submit" variant="outline-primary" :disabled="!words.trim() || !mm">Keep the offcut</BButton>
      <span v-for="(one, i) in told.offcuts" :key="i" class="figures quiet"
        >{{ format.length(one.mm) }} of {{ one.words }}.</span
      >
    </form>
    <slot />
  </section>
</template>
