<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "./useBench";

/** The maker's own words about the piece; they are printed with it. */
const bench = useBench();
const notes = computed(() => bench.draft.value!.notes);
</script>

<template>
  <section class="panel notes">
    <label for="notes-text"><h2>Notes</h2></label>
    <BFormTextarea
      id="notes-text"
      :model-value="notes"
      rows="6"
      maxlength="4000"
      placeholder="For whom, when, what to remember"
      @update:model-value="bench.edit('/notes', $event ?? '')"
    />
  </section>
</template>
