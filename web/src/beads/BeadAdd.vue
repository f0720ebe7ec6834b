<script setup lang="ts">
import { computed, ref } from "vue";
import type { BeadKind, ToldKind, TrayBead } from "../api/client";
import { useBench } from "../bench/useBench";
import { choices } from "../choices/choices";
import { useCommands } from "../keys/commands";
import { useFormat } from "../units/format";
import BeadLook from "./BeadLook.vue";
import { carriers, withPlacement } from "./document";

/** Beads to place: which, chosen by their look, in what way, and on which section. */
const props = defineProps<{ tray: TrayBead[]; told: ToldKind[] }>();
const bench = useBench();
const format = useFormat();
const piece = computed(() => bench.draft.value!);
const open = ref(false);
const SCALE = 3.6;

const kinds = computed(() => [
  ...(piece.value.tray ?? []).map((one) => ({
    key: `own ${one.id}`,
    bead: one as BeadKind,
    kind: props.told.find((other) => other.id === one.id),
  })),
  ...props.tray.map((one) => ({ key: one.id, bead: one.bead, kind: one.kind })),
]);
const bead = ref("");
const rule = ref("woven");
const section = ref("");
const found = computed(() => kinds.value.find((one) => one.key === bead.value) ?? kinds.value[0]);
const rules = computed(() =>
  choices()
    .rules.filter((one) => carriers(piece.value, one.key).length > 0)
    .map(({ key, name }) => ({ value: key, text: name })),
);
const way = computed({
  get: () => (rules.value.some((one) => one.value === rule.value) ? rule.value : (rules.value[0]?.value ?? "")),
  set: (key) => (rule.value = key),
});
const places = computed(() =>
  carriers(piece.value, way.value).map(({ id }) => ({
    value: id,
    text: `section ${piece.value.sections.findIndex((one) => one.id === id) + 1}`,
  })),
);
const place = computed({
  get: () => (places.value.find((one) => one.value === section.value) ?? places.value[0])?.value ?? "",
  set: (id) => (section.value = id),
});
function add() {
  open.value = false;
  const { starts } = bench.catalogue.value!;
  void bench.change(withPlacement(piece.value, found.value!.bead, way.value, place.value, starts));
}
const off = computed(() => !rules.value.length && "no section of this piece carries beads");
useCommands(() => [{ words: "Place beads", run: () => (open.value = true), off: off.value }]);
</script>

<template>
  <BButton variant="outline-primary" :disabled="Boolean(off)" @click="open = true">Place beads…</BButton>
  <span v-if="off" class="quiet ms-2">{{ off }}</span>
  <BModal
    v-model="open"
    title="Beads to place"
    size="lg"
    scrollable
    lazy
    ok-title="Place them"
    cancel-title="Cancel"
    @ok="add"
  >
    <div class="picture-choices mb-3" role="group" aria-label="Which beads">
      <BButton
        v-for="one in kinds"
        :key="one.key"
        variant="outline-secondary"
        class="justify-content-start gap-3 text-start"
        :pressed="one === found"
        @click="bead = one.key"
      >
        <BeadLook v-if="one.kind" :look="one.kind.look" :scale="SCALE" />
        <span
          ><b>{{ one.bead.name }}</b>
          <small v-if="one.kind" class="d-block quiet figures"
            >{{ format.length(one.kind.along_mm) }} × {{ format.length(one.kind.across_mm) }}</small
          ></span
        >
      </BButton>
    </div>
    <BFormRadioGroup v-model="way" :options="rules" stacked class="mb-3" aria-label="How they are placed" />
    <BFormRadioGroup
      v-if="places.length > 1"
      v-model="place"
      :options="places"
      buttons
      button-variant="outline-secondary"
      class="flex-wrap"
      aria-label="On which section"
    />
  </BModal>
</template>
