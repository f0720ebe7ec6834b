<script setup lang="ts">
import { onKeyStroke, useStorage } from "@vueuse/core";
import { computed, ref } from "vue";
import type { MakingStep, StepTold } from "../api/makings";

/** The count of a step, as large as can be: a tap anywhere on it, the space bar or a key of one's own is one more. */
const props = defineProps<{ step: MakingStep; now: StepTold }>();
const emit = defineEmits<{ count: [by: number, each: number]; differs: [made: number] }>();
/** What one tap counts is the maker's choice; the coarsest there is, unless they said. */
const unitName = useStorage("meander-making-unit", "");
const unit = computed(() => props.step.units.find((one) => one.name === unitName.value) ?? props.step.units.at(-1)!);
const named = (one: MakingStep["units"][number], count: number) => (count === 1 ? one.name : one.many);
const whole = computed(() => Math.floor(props.now.count / unit.value.each));
const over = computed(() => props.now.count % unit.value.each);
const all = computed(() => Math.ceil(props.now.wanted! / unit.value.each));
/** Two taps nearer than this are one, in ms. */
const apart = useStorage("meander-making-apart", 40);
const pedal = useStorage("meander-making-pedal", "");
let last = 0;
function tap(by: number) {
  const at = performance.now();
  if (by > 0 && at - last < apart.value) return;
  last = at;
  emit("count", by > 0 && over.value ? unit.value.each - over.value : by * unit.value.each, unit.value.each);
}
const typing = (event: KeyboardEvent) => (event.target as HTMLElement).matches("input, select, textarea");
onKeyStroke((event) => {
  if (typing(event) || event.ctrlKey || event.metaKey || event.altKey) return;
  if (asking.value) {
    asking.value = false;
    pedal.value = event.key === " " ? "" : event.key;
    return event.preventDefault();
  }
  if (event.key === " " || (pedal.value && event.key === pedal.value)) tap(1);
  else if (event.key === "Backspace") tap(-1);
  else return;
  event.preventDefault();
});
const asking = ref(false);
const other = ref<number | null>(null);
function differ() {
  if (other.value === null || !Number.isInteger(other.value) || other.value < 0) return;
  emit("differs", other.value * unit.value.each);
  other.value = null;
}
const less = computed(() => props.now.differs);
</script>

<template>
  <div class="count-pad">
    <button type="button" class="count-now figures" aria-label="One more" @click="tap(1)">
      <b>{{ whole }}</b><span v-if="over" class="quiet"> and {{ over }} {{ named(step.units[0]!, over) }}</span>
      <span class="quiet"> of {{ all }} {{ named(unit, all) }}</span>
    </button>
    <p class="d-flex flex-wrap align-items-center gap-2 mt-2 mb-1">
      <BButton variant="outline-secondary" aria-label="One back" :disabled="now.count === 0" @click="tap(-1)"
        >−</BButton
      >
      <BFormSelect
        v-if="step.units.length > 1"
        class="w-auto"
        :model-value="unit.name"
        aria-label="What is counted"
        @update:model-value="(name) => (unitName = String(name))"
      >
        <option v-for="one in step.units" :key="one.name" :value="one.name">by the {{ one.name }}</option>
      </BFormSelect>
      <span class="quiet">Space or a tap is one more, Backspace one back</span>
    </p>
    <details class="quiet mb-2">
      <summary>Another key or pedal, and how near taps may be</summary>
      <div class="d-flex flex-wrap align-items-center gap-2">
        <BButton variant="link" :pressed="asking" @click="asking = !asking">{{
          asking ? "press the key or pedal now" : pedal ? `or ${pedal}` : "another key"
        }}</BButton>
        <label class="d-flex align-items-center gap-1 quiet"
          >taps nearer than
          <BFormInput
            v-model.number="apart"
            type="number"
            min="0"
            max="1000"
            class="figures count-small"
            aria-label="Taps nearer than so many ms are one"
          />
          ms are one</label
        >
      </div>
    </details>
    <form class="d-flex flex-wrap align-items-center gap-2 mb-2" @submit.prevent="differ">
      <label class="d-flex align-items-center gap-2"
        >It became
        <BFormInput
          v-model.number="other"
          type="number"
          min="0"
          max="100000"
          class="figures count-small"
          aria-label="It became so many"
        />
        {{ unit.many }} instead</label
      >
      <BButton type="submit" variant="outline-primary" :disabled="other === null">Say so</BButton>
      <span v-if="less?.words" class="figures" role="status">{{ less.words }}</span>
    </form>
  </div>
</template>
