<script setup lang="ts">
import { ref } from "vue";
import type { MakingStep, StepTold } from "../api/makings";
import { useFormat } from "../units/format";

/** What a step cuts, each ticked with the length really cut; whether that reaches is told with all that is left. */
const props = defineProps<{ step: MakingStep; now: StepTold }>();
const emit = defineEmits<{ cut: [length: number, mm: number] }>();
const format = useFormat();
const typed = ref<Record<number, number>>({});
const cut = (i: number) => props.now.cuts[String(i)];
function keep(i: number) {
  const mm = typed.value[i] || props.step.cuts[i]!.mm;
  if (mm > 0) emit("cut", i, mm);
}
/** Shorter than planned by this much is told. */
const SHORT_MM = 1;
const short = (i: number) => (cut(i) === undefined ? 0 : props.step.cuts[i]!.mm - cut(i)!);
</script>

<template>
  <ul class="list-unstyled mb-2">
    <li v-for="(one, i) in step.cuts" :key="i" class="d-flex flex-wrap align-items-center gap-2 py-1">
      <b class="figures">{{ format.length(one.mm) }}</b> {{ one.words }}
      <BFormInput
        v-model.number="typed[i]"
        type="number"
        min="0.1"
        max="100000"
        step="0.1"
        class="figures count-small"
        :placeholder="String(cut(i) ?? one.mm)"
        :aria-label="`Really cut: ${one.words}, in mm`"
      />
      <BButton :variant="cut(i) === undefined ? 'outline-primary' : 'outline-secondary'" @click="keep(i)">{{
        cut(i) === undefined ? "Cut" : "Cut ✓"
      }}</BButton>
      <span v-if="short(i) > SHORT_MM" class="text-danger" role="status"
        >{{ format.length(short(i)) }} shorter than planned.</span
      >
    </li>
  </ul>
</template>
