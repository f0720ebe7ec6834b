<script setup lang="ts">
import type { BTableSortBy } from "bootstrap-vue-next";
import { computed, nextTick, ref } from "vue";
import { api } from "../api/client";
import type { ComparedRow } from "../api/compared";
import { useSamples } from "../crafts/useSamples";
import { useFormat } from "../units/format";

/** What there is to choose from in every craft, in one table to be sorted: how wide, how thick, what it takes for a centimetre. A name leads to its picture below. */
const props = defineProps<{ base: { typed: string }; working: { typed: string } }>();
const format = useFormat();
const CRAFTS = { weave: "woven", braid: "braided", crochet: "crocheted", knot: "knotted" } as const;
/** How each craft's cards are marked. */
const CARDS = { weave: "weave", braid: "braid", crochet: "fabric", knot: "knots" } as const;
const crafts = ref(Object.keys(CRAFTS) as (keyof typeof CRAFTS)[]);
const options = Object.entries(CRAFTS).map(([value, text]) => ({ value, text }));
const sortBy = ref<BTableSortBy[]>([{ key: "width_mm", order: "asc" }]);
const FIELDS = [
  { key: "name", label: "What", sortable: true },
  { key: "craft", label: "How", sortable: true },
  { key: "width_mm", label: "Width", sortable: true },
  { key: "thickness_mm", label: "Thickness", sortable: true },
  { key: "worked_mm", label: "Worked with, for 1 cm", sortable: true },
  { key: "held_mm", label: "Base wire in 1 cm", sortable: true },
  { key: "minutes", label: "Time for 1 cm", sortable: true },
];
const { samples, trouble } = useSamples<ComparedRow>(
  () => `${props.base.typed} ${props.working.typed}`,
  async () => (await api.compared({ base: props.base, working: props.working })).rows,
  "They could not be compared: Meander did not answer, or a wire is too thin or too thick for one of the crafts",
);
const rows = computed(() => (samples.value ?? []).filter((row) => crafts.value.includes(row.craft)));
/** Figures as figures: left to itself the table sorts them as words, 0.5 before 0.29. */
function compare(a: ComparedRow, b: ComparedRow, key: string) {
  const [one, other] = [a, b].map((row) => row[key as keyof ComparedRow]) as [string | number, string | number];
  return typeof one === "number" && typeof other === "number" ? one - other : String(one).localeCompare(String(other));
}
/** Minutes and seconds. */
function time(minutes: number) {
  const [whole, over] = [Math.floor(Math.round(minutes * 60) / 60), Math.round(minutes * 60) % 60];
  return [whole && `${whole} min`, over && `${over} s`].filter(Boolean).join(" ") || "1 s";
}
async function show(row: ComparedRow) {
  await nextTick();
  const card = document.querySelector<HTMLElement>(`[data-${CARDS[row.craft]}="${CSS.escape(row.key)}"]`);
  card?.scrollIntoView({ block: "center" });
  card?.querySelector<HTMLElement>("button")?.focus({ preventScroll: true });
}
</script>

<template>
  <div class="across" data-part="across">
    <p v-if="trouble" class="text-danger" role="alert">{{ trouble }}</p>
    <p v-else-if="!samples" role="status">Comparing them…</p>
    <template v-else>
      <BFormCheckboxGroup
        v-model="crafts"
        :options="options"
        buttons
        button-variant="outline-secondary"
        aria-label="Which crafts"
        class="mb-2"
      />
      <BTable
        v-model:sort-by="sortBy"
        :items="rows"
        :fields="FIELDS"
        :sort-compare="compare"
        small
        responsive
        class="figures align-middle"
      >
        <template #cell(name)="{ item }">
          <BButton variant="link" class="p-0 text-start" @click="show(item)">{{ item.name }}</BButton>
          <small class="quiet d-block sans">{{ item.suits }}</small>
        </template>
        <template #cell(craft)="{ item }">{{ CRAFTS[item.craft] }}</template>
        <template #cell(width_mm)="{ item }">{{ format.length(item.width_mm) }}</template>
        <template #cell(thickness_mm)="{ item }">{{ format.length(item.thickness_mm) }}</template>
        <template #cell(worked_mm)="{ item }"
          >{{ format.length(item.worked_mm) }}<small v-if="item.assumed" class="quiet"> assumed</small></template
        >
        <template #cell(held_mm)="{ item }">{{ item.held_mm ? format.length(item.held_mm) : "–" }}</template>
        <template #cell(minutes)="{ item }">{{ time(item.minutes) }}</template>
      </BTable>
      <p class="quiet">
        Wire and cord by their path alone, without tails and slack; time at your pace. Knots are in cord as thick as the
        base wire, fabrics in the weaving wire.
      </p>
    </template>
  </div>
</template>
