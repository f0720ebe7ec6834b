<script setup lang="ts">
import { computed, ref } from "vue";
import type { MakingStep, StepTold } from "../api/makings";
import { useFormat } from "../units/format";

/** A wire that is used up before the step is done: which, and how long the one is that is joined on. */
const props = defineProps<{ step: MakingStep; steps: MakingStep[]; now: StepTold }>();
const emit = defineEmits<{ joined: [of: string, mm: number] }>();
const format = useFormat();
const named = (of: string) => props.steps.flatMap((one) => one.cuts).find((cut) => cut.of === of)?.words ?? of;
/** Working wire first: a wire that others lie on is rarely joined. */
const lengths = computed(() => props.step.takes.map((take) => ({ value: take.of, text: named(take.of) })));
const chosen = ref("");
const of = computed(() =>
  lengths.value.some((one) => one.value === chosen.value) ? chosen.value : (lengths.value[0]?.value ?? ""),
);
const mm = ref<number | null>(null);
const each = computed(() => props.step.units.at(-1)!);
function join() {
  if (!mm.value || mm.value <= 0) return;
  emit("joined", of.value, mm.value);
  mm.value = null;
}
</script>

<template>
  <form v-if="lengths.length" class="d-flex flex-wrap align-items-center gap-2 mb-2" @submit.prevent="join">
    <label class="d-flex flex-wrap align-items-center gap-2"
      >It ran out here; joined on
      <BFormInput
        v-model.number="mm"
        type="number"
        min="0.1"
        max="100000"
        step="0.1"
        class="figures count-small"
        aria-label="Joined on, in mm"
      />
      mm</label
    >
    <BFormSelect
      v-if="lengths.length > 1"
      :model-value="of"
      :options="lengths"
      class="w-auto"
      aria-label="Which wire ran out"
      @update:model-value="(value) => (chosen = String(value))"
    />
    <span v-else class="quiet">to {{ lengths[0]!.text }}</span>
    <BButton type="submit" variant="outline-primary" :disabled="!mm">Join</BButton>
    <span v-for="(one, i) in now.joins" :key="i" class="figures quiet"
      >{{ format.length(one.mm) }} joined on after {{ Math.floor(one.after / each.each) }}
      {{ Math.floor(one.after / each.each) === 1 ? each.name : each.many }}.</span
    >
  </form>
</template>
