<script setup lang="ts">
import { BDropdown, BDropdownItem } from "bootstrap-vue-next/components/BDropdown";
import { computed, ref } from "vue";
import { RouterLink, useRouter } from "vue-router";
import { api } from "../api/client";
import SettingsBar from "../common/SettingsBar.vue";
import { useSettings } from "../settings/useSettings";
import { useBench } from "./useBench";

/** Name, saving, undo, and taking the piece out. */
const bench = useBench();
const router = useRouter();
const settings = useSettings();
const name = computed(() => bench.draft.value!.name);
const nameFault = bench.faultAt("/name");
const busy = ref(false);

const SAVING = {
  saved: "Saved",
  waiting: "Saving…",
  saving: "Saving…",
  conflict: "Changed in two places",
  unreachable: "Not saved: Meander cannot be reached. Trying again.",
};
const state = computed(() =>
  bench.faults.value.length ? "Not saved until every value can be used" : SAVING[bench.saving.state.value],
);

/** Leaves for a file or a page with everything saved. */
async function take(address: string) {
  await bench.saving.flush();
  location.assign(address);
}
async function print() {
  await bench.saving.flush();
  await router.push(`/pieces/${bench.id}/print`);
}
async function duplicate() {
  busy.value = true;
  await bench.saving.flush();
  const copy = await api.duplicate(bench.id);
  await router.push(`/pieces/${copy.id}`);
}
const picture = computed(() => (bench.answer.value?.plan.strip ? "Strip" : "Template"));
const strip = (face: string) => api.file(bench.id, "strip.svg", `?face=${face}&hand=${settings.hand}`);
</script>

<template>
  <header class="bench-head">
    <RouterLink to="/" class="back">‹ Shelf</RouterLink>
    <input
      class="piece-name"
      :class="{ wrong: nameFault }"
      :value="name"
      aria-label="Name of the piece"
      :aria-invalid="nameFault ? true : undefined"
      maxlength="130"
      @input="bench.edit('/name', ($event.target as HTMLInputElement).value)"
    />
    <span class="save-state" role="status">{{ state }}</span>
    <div class="choice" role="group" aria-label="History">
      <button type="button" :disabled="!bench.canUndo.value" title="Undo (Ctrl Z)" @click="bench.undo()">Undo</button>
      <button type="button" :disabled="!bench.canRedo.value" title="Redo (Ctrl Shift Z)" @click="bench.redo()">
        Redo
      </button>
    </div>
    <BDropdown text="Take out" class="take-out" variant="link" no-caret>
      <BDropdownItem @click="print">Printed page</BDropdownItem>
      <BDropdownItem @click="take(api.file(bench.id, 'cut-list.csv'))">Cut list (CSV)</BDropdownItem>
      <BDropdownItem @click="take(strip('front'))">{{ picture }}, front (SVG)</BDropdownItem>
      <BDropdownItem @click="take(strip('back'))">{{ picture }}, back (SVG)</BDropdownItem>
      <BDropdownItem @click="take(api.file(bench.id, 'document.json'))">Piece (JSON)</BDropdownItem>
      <BDropdownItem :disabled="busy" @click="duplicate">Duplicate</BDropdownItem>
    </BDropdown>
    <SettingsBar />
  </header>
</template>
