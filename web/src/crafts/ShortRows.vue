<script setup lang="ts">
import { computed, ref, watch } from "vue";
import { ApiProblem } from "../api/client";
import { useBench } from "../bench/useBench";

/** Rows written in short, a line each. What cannot be read stays as it was typed. */
const props = defineProps<{
  short: string;
  /** Reads the text and puts it in the piece. */
  put: (text: string) => Promise<void>;
  /** What is wrong with rows that stand in the document. */
  standing?: { message: string; accepted: string };
  label: string;
}>();
const bench = useBench();
const text = ref(props.short);
const fault = ref<{ message: string; accepted: string } | null>(null);
watch([() => props.short, bench.exchanged], () => {
  text.value = props.short;
  fault.value = null;
});
const wrong = computed(() => fault.value ?? props.standing);

async function read() {
  const asked = text.value;
  if (asked.trim() === props.short.trim()) return;
  try {
    await props.put(asked);
    if (asked === text.value) fault.value = null;
  } catch (error) {
    if (asked !== text.value) return;
    const first = error instanceof ApiProblem ? error.faults[0] : undefined;
    fault.value = first ?? { message: "Meander cannot be reached", accepted: "try again" };
  }
}
</script>

<template>
  <label class="d-block"
    >Row by row, a line each:
    <textarea
      v-model="text"
      class="form-control figures"
      rows="4"
      :aria-label="label"
      spellcheck="false"
      autocomplete="off"
      :aria-invalid="wrong ? true : undefined"
      @change="read"
      @keydown.ctrl.enter.prevent="read"
    />
  </label>
  <small v-if="wrong" class="text-danger d-block sans lh-sm" role="alert"
    >{{ wrong.message }}. Accepted: {{ wrong.accepted }}.</small
  >
  <small class="quiet sans d-block lh-sm"><slot /></small>
</template>
