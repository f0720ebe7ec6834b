<script setup lang="ts">
import { computed } from "vue";
import { chartOf } from "../crafts/crochet/chartOf";
import CrochetChart from "../crafts/crochet/CrochetChart.vue";
import type { Piece } from "../generated/piece";
import type { Plan } from "../generated/plan";

/** The charts of what is crocheted, in as many parts as it takes. */
const props = defineProps<{ piece: Piece; plan: Plan }>();
/** Rows of a part, how high it is, and how large its signs are, in px. */
const [ROWS, HIGH, LARGEST] = [30, 600, 18];
/** More parts are not printed: such a chart is read on the bench. */
const MOST = 12;
const charts = computed(() =>
  props.plan.sections.flatMap(({ id, crochet }, i) => {
    if (!crochet) return [];
    const chart = chartOf(props.piece, id, crochet);
    const parts = chart.polar ? 1 : Math.max(Math.ceil(chart.rows.length / ROWS), 1);
    return [{ id, number: i + 1, chart, told: crochet, parts: Math.min(parts, MOST), left: parts > MOST }];
  }),
);
const word = (way: string) => (way === "rows" ? "rows" : "rounds");
</script>

<template>
  <section v-for="one in charts" :key="one.id" class="print-charts">
    <h2>Chart{{ plan.sections.length > 1 ? ` of section ${one.number}` : "" }}</h2>
    <p>
      First {{ one.told.begun.words }}. A ring is a chain, a dot a slip stitch, a cross a single, a post with a head a
      half double, with a bar a double, with two a treble; read {{ word(one.told.way) }} by their numbers.
    </p>
    <figure v-for="part in one.parts" :key="part">
      <CrochetChart
        v-bind="one.chart"
        :from="(part - 1) * ROWS"
        :most="one.chart.polar ? HIGH : (Math.min(ROWS, one.chart.rows.length - (part - 1) * ROWS) + 2) * LARGEST + 20"
        :largest="LARGEST"
        numbered
        :label="`Chart, part ${part} of ${one.parts}`"
      />
    </figure>
    <p v-if="one.left" class="quiet">The {{ word(one.told.way) }} that follow are on the bench.</p>
  </section>
</template>
