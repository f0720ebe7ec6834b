<script setup lang="ts">
import { computed, ref, watch } from "vue";
import { api } from "../api/client";
import { useSettings } from "../settings/useSettings";
import { useBench } from "./useBench";

/** The piece at true size with every mark, to lay the work on; as it was saved last. */
const bench = useBench();
const settings = useSettings();
const face = ref<"front" | "back">("front");
const kept = ref(bench.saving.revision());
watch(bench.saving.state, (state) => state === "saved" && (kept.value = bench.saving.revision()));
const source = computed(() =>
  api.file(bench.id, "strip.svg", { face: face.value, hand: settings.hand, show: 1, revision: kept.value }),
);
defineExpose({ turn: () => (face.value = face.value === "front" ? "back" : "front") });
</script>

<template>
  <section class="panel" aria-label="The template">
    <header class="panel-head d-flex flex-wrap align-items-center gap-2">
      <BButtonGroup aria-label="Face">
        <BButton variant="outline-secondary" :pressed="face === 'front'" @click="face = 'front'">Front</BButton>
        <BButton variant="outline-secondary" :pressed="face === 'back'" @click="face = 'back'">Back</BButton>
      </BButtonGroup>
      <span class="quiet">True size on paper: lay the wire on the printed page.</span>
    </header>
    <div class="overflow-auto">
      <img
        :src="source"
        class="bg-white rounded"
        :alt="`${bench.draft.value!.name}, ${face}, template with its marks`"
      />
    </div>
  </section>
</template>
