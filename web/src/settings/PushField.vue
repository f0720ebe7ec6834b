<script setup lang="ts">
import { ref } from "vue";
import { ApiProblem, type Maker } from "../api/client";
import LiveChoice from "../brief/LiveChoice.vue";
import { useMaker } from "./useMaker";

/** How hard the maker pushes coils together, a word in a sentence; `said` when it was changed. */
const emit = defineEmits<{ said: [] }>();
const { maker, say } = useMaker();
const fault = ref("");
const OPTIONS = ["lightly", "well", "hard"].map((key) => ({ key, name: key }));

async function put(push: string) {
  try {
    await say({ ...maker, push: push as Maker["push"] });
    fault.value = "";
    emit("said");
  } catch (error) {
    fault.value = (error instanceof ApiProblem && error.faults[0]?.message) || "Meander cannot be reached";
  }
}
</script>

<template>
  coils pushed together
  <LiveChoice label="How hard you push coils together" :value="maker.push" :options="OPTIONS" @change="put" /><small
    v-if="fault"
    class="said-wrong text-danger small sans"
    role="alert"
  >
    {{ fault }}</small
  >
</template>
