<script setup lang="ts">
import { ref, watch } from "vue";
import { ApiProblem } from "../api/client";
import { useMaker } from "./useMaker";

/** The maker's pace, a value in a sentence; `said` when it was changed. */
const { of = "wraps" } = defineProps<{
  /** What is counted. */
  of?: string;
}>();
const emit = defineEmits<{ said: [] }>();
const { maker, say } = useMaker();
const text = ref(String(maker.pace || ""));
const fault = ref("");
watch(
  () => maker.pace,
  (pace) => (text.value = String(pace)),
);

async function put() {
  if (Number(text.value) === maker.pace) return;
  try {
    await say({
      ...maker,
      pace: /^\s*\d+\s*$/.test(text.value) ? Number(text.value) : (text.value as unknown as number),
    });
    fault.value = "";
    emit("said");
  } catch (error) {
    const first = error instanceof ApiProblem ? error.faults[0] : undefined;
    fault.value = first ? `${first.message}; accepted: ${first.accepted}` : "Meander cannot be reached";
  }
}
</script>

<template>
  <span class="live" :class="{ wrong: fault }"
    ><input
      v-model="text"
      inputmode="numeric"
      aria-label="Your pace, in wraps a minute"
      :aria-invalid="fault ? true : undefined"
      @change="put"
      @keydown.enter="($event.target as HTMLInputElement).blur()"
  /></span>
  {{ of }} a minute<small v-if="fault" class="said-wrong text-danger small sans" role="alert"> {{ fault }}</small>
</template>
