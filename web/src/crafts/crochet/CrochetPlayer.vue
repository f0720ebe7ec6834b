<script setup lang="ts">
import { computed, ref } from "vue";
import { useBench } from "../../bench/useBench";
import FinishedPicture from "../../finished/FinishedPicture.vue";
import MovesPlayer from "../MovesPlayer.vue";
import CrochetChart from "./CrochetChart.vue";
import { movesOf } from "./moves";
import { useChart } from "./useChart";

/** A fabric being made, stitch by stitch: the piece as far as it is made, its chart with the stitch in hand lit, the move in words; forwards, back, or saying the moves oneself. */
const emit = defineEmits<{ close: [] }>();
const bench = useBench();
const told = computed(() => bench.crochet.value!);
const plan = computed(() => bench.answer.value!.plan);
const chart = useChart();
const moves = computed(() => movesOf(told.value));
const total = computed(() => moves.value.length);
const wanted = ref(0);
const made = computed(() => Math.min(wanted.value, total.value));
const last = computed(() => moves.value[made.value - 1] ?? null);
const next = computed(() => moves.value[made.value] ?? null);
const rowWord = computed(() => (told.value.way === "rows" ? "row" : "round"));
/** Where each row ends, by its moves. */
const ends = computed(() => {
  const found: number[] = [];
  moves.value.forEach(({ row }, i) => (found[row] = i + 1));
  return found.filter((end) => end !== undefined);
});
const on = (now: number) => ends.value.find((end) => end > now) ?? total.value;
const back = (now: number) => ends.value.findLast((end) => end < now) ?? 0;
const hand = computed(() => ({ row: last.value?.row ?? 0, stitch: last.value?.stitch ?? 0 }));
const where = computed(() => {
  if (!last.value) return "Nothing made yet";
  const { row, stitch, of } = last.value;
  const line = row === 0 ? "the beginning" : `${rowWord.value} ${row} of ${chart.value.rows.length}`;
  return stitch ? `${line}, stitch ${stitch} of ${of}` : line;
});
/** A bead is slid up before the stitch that carries it. */
const bead = computed(() => {
  if (!next.value || !next.value.stitch) return false;
  const { row, stitch } = next.value;
  return told.value.beads.some(([at, place]) => at === row && place === stitch - 1);
});
const names = computed(() => [...new Set(moves.value.map((move) => move.name))].slice(0, 9));
</script>

<template>
  <MovesPlayer
    :made="made"
    :total="total"
    :name="(number) => moves[number - 1]!.name"
    :names="names"
    :back="back"
    :on="on"
    about="Crocheting"
    move="stitch"
    :row="rowWord"
    far="How far it is crocheted"
    :where="where"
    begin="Make a loop on the hook and begin"
    otherwise="it begins otherwise"
    done="All of it is made: fasten it off."
    :ms="700"
    lies="crochet-made d-grid gap-3 align-items-start"
    @update:made="(now) => (wanted = now)"
    @close="emit('close')"
  >
    <template #note>
      <p v-if="bead" class="bg-primary-subtle rounded px-2 mb-1">Slide a bead up to the hook first.</p>
    </template>
    <CrochetChart
      v-bind="chart"
      :hand="hand"
      :middle="hand.row"
      :most="180"
      numbered
      label="The chart, the stitch in hand lit"
    />
    <template #after>
      <FinishedPicture
        :shown="plan"
        face="front"
        :height="300"
        :made="{ section: bench.hand.value, upto: last?.number ?? 0 }"
        label="The piece as far as it is made"
        @stale="bench.replan"
      />
    </template>
  </MovesPlayer>
</template>
