<script setup lang="ts">
import { computed, ref } from "vue";
import { useRouter } from "vue-router";
import { api } from "../api/client";
import { useCommands } from "../keys/commands";
import BeingMade from "../making/BeingMade.vue";
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
  unreachable: "Not saved: Meander cannot be reached. Kept here, tried again.",
};
const state = computed(() => {
  if (bench.away.value) return SAVING.unreachable;
  return bench.faults.value.length ? "Not saved until every value can be used" : SAVING[bench.saving.state.value];
});

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
useCommands(() => [
  { words: "Print it", run: () => void print() },
  { words: "Duplicate it", run: () => void duplicate() },
  { words: "Save the cut list (CSV)", run: () => void take(api.file(bench.id, "cut-list.csv")) },
  { words: "Save the piece (JSON)", run: () => void take(api.file(bench.id, "document.json")) },
]);
const picture = computed(() => (bench.answer.value?.plan.strip ? "Strip" : "Template"));
const strip = (face: string) => api.file(bench.id, "strip.svg", { face, hand: settings.hand });
</script>

<template>
  <input
    class="piece-name form-control-plaintext serif fs-4 fw-semibold py-0"
    :class="{ wrong: nameFault }"
    :value="name"
    aria-label="Name of the piece"
    :aria-invalid="nameFault ? true : undefined"
    maxlength="120"
    @input="bench.edit('/name', ($event.target as HTMLInputElement).value)"
  />
  <span class="save-state quiet small" role="status">{{ state }}</span>
  <BButtonGroup aria-label="History">
    <BButton variant="outline-secondary" :disabled="!bench.canUndo.value" title="Ctrl Z" @click="bench.undo()">
      Undo
    </BButton>
    <BButton variant="outline-secondary" :disabled="!bench.canRedo.value" title="Ctrl Shift Z" @click="bench.redo()">
      Redo
    </BButton>
  </BButtonGroup>
  <BDropdown text="Print, save" variant="outline-primary">
    <BDropdownItem @click="print">Printed page</BDropdownItem>
    <BDropdownItem @click="take(api.file(bench.id, 'cut-list.csv'))">Cut list (CSV)</BDropdownItem>
    <BDropdownItem @click="take(strip('front'))">{{ picture }}, front (SVG)</BDropdownItem>
    <BDropdownItem @click="take(strip('back'))">{{ picture }}, back (SVG)</BDropdownItem>
    <BDropdownItem @click="take(api.file(bench.id, 'document.json'))">Piece (JSON)</BDropdownItem>
    <BDropdownItem :disabled="busy" @click="duplicate">Duplicate</BDropdownItem>
  </BDropdown>
  <BeingMade :piece="bench.id" />
</template>
