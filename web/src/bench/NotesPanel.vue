<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "./useBench";

/** The maker's own words about the piece; they are printed with it. */
const bench = useBench();
const notes = computed(() => bench.draft.value!.notes);
</script>

<template>
  <section class="panel notes">
    <label for="notes"><h2>Notes</h2></label>
    <textarea
      id="notes"
      :value="notes"
      rows="2"
      maxlength="4000"
      placeholder="For whom, when, what to remember"
      @input="bench.edit('/notes', ($event.target as HTMLTextAreaElement).value)"
    />
  </section>
</template>
