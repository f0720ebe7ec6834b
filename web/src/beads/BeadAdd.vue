<script setup lang="ts">
import { computed, ref, watch } from "vue";
import type { BeadKind, ToldKind, TrayBead } from "../api/client";
import { useBench } from "../bench/useBench";
import { choices } from "../choices/choices";
import { useCommands } from "../keys/commands";
import { useFormat } from "../units/format";
import BeadLook from "./BeadLook.vue";
import { carriers, withPlacement } from "./document";
import { countedIn, mayTakeTurns, usualStep, withOrder } from "./inTurn";

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
/** Kinds in the order they follow each other, again and again. */
const MOST = 24;
const taking = ref(false);
const order = ref<string[]>([]);
const inTurn = computed(() => taking.value && mayTakeTurns(way.value));
const room = computed(() => MOST - piece.value.beads.length);
const nameOf = (key: string) => kinds.value.find((one) => one.key === key)!.bead.name;
const step = ref(1);
watch(way, (rule) => (step.value = usualStep(rule)), { immediate: true });
function press(key: string) {
  if (!inTurn.value) bead.value = key;
  else if (order.value.length < room.value) order.value.push(key);
}
const ready = computed(
  () => !inTurn.value || (order.value.length > 0 && Number.isInteger(step.value) && step.value > 0),
);
function add() {
  open.value = false;
  const { starts } = bench.catalogue.value!;
  const chosen = order.value.map((key) => kinds.value.find((one) => one.key === key)!.bead);
  void bench.change(
    inTurn.value
      ? withOrder(piece.value, chosen, step.value, way.value, place.value, starts)
      : withPlacement(piece.value, found.value!.bead, way.value, place.value, starts),
  );
  order.value = [];
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
    cancel-variant="outline-secondary"
    :ok-disabled="!ready"
    @ok="add"
  >
    <div class="picture-choices mb-3" role="group" aria-label="Which beads">
      <BButton
        v-for="one in kinds"
        :key="one.key"
        variant="outline-secondary"
        class="justify-content-start gap-3 text-start"
        :pressed="!inTurn && one === found"
        @click="press(one.key)"
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
    <div v-if="mayTakeTurns(way)" class="mb-3">
      <BFormCheckbox v-model="taking" switch>Several kinds in turn</BFormCheckbox>
      <template v-if="inTurn">
        <p class="mb-2">
          {{
            order.length ? "Again and again, in this order:" : "Press the beads in the order they follow each other."
          }}
        </p>
        <div class="d-flex flex-wrap gap-2 mb-2" role="group" aria-label="The order of the beads">
          <BButton
            v-for="(key, i) in order"
            :key="i"
            variant="outline-secondary"
            :aria-label="`Remove ${nameOf(key)}, number ${i + 1}`"
            @click="order.splice(i, 1)"
            >{{ i + 1 }} {{ nameOf(key) }} ×</BButton
          >
        </div>
        <label class="d-flex align-items-center gap-2"
          >One every
          <BFormInput
            v-model.number="step"
            type="number"
            min="1"
            max="500"
            class="w-auto"
            aria-label="One bead every"
          />
          {{ countedIn(way) }}</label
        >
      </template>
    </div>
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
