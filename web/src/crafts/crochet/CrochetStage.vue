<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from "vue";
import { useBench } from "../../bench/useBench";
import LiveChoice from "../../brief/LiveChoice.vue";
import { useStageHeight } from "../../finished/useStageHeight";
import type { Mark } from "./chart";
import { crochet, withCrochet } from "./crochet";
import CrochetChart from "./CrochetChart.vue";
import CrochetPlayer from "./CrochetPlayer.vue";
import { everyRow } from "./moves";
import { placedOn, withBeadAt } from "./beadsAt";
import { KINDS, withStitchAt } from "./pointed";
import { useChart } from "./useChart";

const WholeSpace = defineAsyncComponent(() => import("../../space/WholeSpace.vue"));
/** The crocheted section in hand as a chart, that can be pointed at; or being made, stitch by stitch. */
const props = defineProps<{ view: "walk" | "made" | "point" | "space" }>();
defineEmits<{ close: [] }>();
const bench = useBench();
const told = computed(() => bench.crochet.value!);
const chart = useChart();
const middle = ref(0);
const heightPx = useStageHeight();
const rows = computed(() => everyRow(told.value));
const many = computed(() => rows.value.length > 9);
/** Pointed at, a stitch becomes another one, or carries a bead or none. */
const kind = ref("single");
const BEAD = "bead ";
const options = computed(() => [
  ...KINDS,
  ...placedOn(bench.draft.value!, bench.hand.value).map((one) => {
    const name = bench.draft.value!.tray?.find((bead) => bead.id === one.bead)?.name ?? "bead";
    return { key: BEAD + one.id, name: `carry ${name}, or not` };
  }),
]);
const isBead = computed(() => kind.value.startsWith(BEAD));
const typed = computed(() => crochet(bench.draft.value!, bench.hand.value).fabric.kind === "rows");
const said = ref("");
function press(mark: Mark) {
  if (props.view !== "point") return;
  if (isBead.value) return string(mark);
  if (mark.row === 0) return;
  const next = withStitchAt(rows.value, mark, kind.value);
  if (!next)
    return void (said.value = "that one takes its place with others: change it in the rows as they are written");
  said.value = "";
  const { begun, way } = told.value;
  const start = { ring: "ring", hole: "hole", wire: "hole", within: "hole" }[begun.kind] ?? "chain";
  const fabric = { kind: "rows", begin: { kind: start, count: begun.count }, rounds: way, rows: next } as never;
  void bench.change(withCrochet(bench.draft.value!, bench.hand.value, { fabric }));
}
function string(mark: Mark) {
  const next = withBeadAt(bench.draft.value!, bench.hand.value, told.value, mark, kind.value.slice(BEAD.length));
  said.value = "why" in next ? next.why : "";
  if (!("why" in next)) void bench.change(next);
}
</script>

<template>
  <section class="panel" aria-label="The crochet by its stitches">
    <CrochetPlayer v-if="view === 'made'" :key="bench.hand.value" @close="$emit('close')" />
    <WholeSpace v-else-if="view === 'space'" />
    <template v-else>
      <p v-if="view === 'point'" class="sentence mb-1">
        Press a stitch to {{ isBead ? "let it" : "make it" }}
        <LiveChoice :value="kind" :options="options" label="Stitch to put" @change="(key) => (kind = key)" />
        <span v-if="!typed && !isBead" class="quiet">; the fabric is then said row by row</span>.
        <span v-if="said" role="status" class="text-danger">Not there: {{ said }}.</span>
      </p>
      <CrochetChart
        v-bind="chart"
        :most="heightPx"
        :middle="middle"
        :class="{ pointed: view === 'point' }"
        numbered
        :label="`The chart: ${told.counted}, ${told.stitches} stitches`"
        @press="press"
      />
      <label v-if="many && !chart.polar" class="d-flex align-items-center gap-2 quiet text-nowrap">
        {{ told.way === "rows" ? "rows" : "rounds" }} up
        <input
          v-model.number="middle"
          type="range"
          class="form-range"
          min="0"
          :max="rows.length"
          aria-label="Rows shown"
        />
      </label>
      <details class="mt-2">
        <summary class="quiet">In words</summary>
        <ol class="serif">
          <li class="list-unstyled">First {{ told.begun.words }}.</li>
          <li v-for="row in told.rows.slice(0, 40)" :key="row.first" :value="row.first">
            {{ row.words }}<template v-if="row.times > 1">, for {{ row.times }} alike</template>.
          </li>
        </ol>
        <p v-if="told.rows.length" class="quiet figures">In short: {{ told.notation }}</p>
      </details>
    </template>
  </section>
</template>
