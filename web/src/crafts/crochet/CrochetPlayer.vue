<script setup lang="ts">
import { useIntervalFn } from "@vueuse/core";
import { computed, ref } from "vue";
import { useBench } from "../../bench/useBench";
import FinishedPicture from "../../finished/FinishedPicture.vue";
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
const go = (to: number) => (wanted.value = Math.min(Math.max(to, 0), total.value));
const last = computed(() => moves.value[made.value - 1] ?? null);
const next = computed(() => moves.value[made.value] ?? null);
const rowWord = computed(() => (told.value.way === "rows" ? "row" : "round"));
/** To the end of this row, or of the one before. */
function byRow(way: 1 | -1) {
  const row = last.value?.row ?? 0;
  const ends = moves.value.map((move, i) => ({ row: move.row, at: i + 1 }));
  if (way === 1) return go((ends.findLast((one) => one.row === (next.value?.row ?? row)) ?? { at: total.value }).at);
  go((ends.findLast((one) => one.row < row) ?? { at: 0 }).at);
}
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

const running = useIntervalFn(
  () => {
    go(made.value + 1);
    if (made.value === total.value) running.pause();
  },
  700,
  { immediate: false },
);
function toggle() {
  if (running.isActive.value) return running.pause();
  if (made.value === total.value) go(0);
  running.resume();
}

/** Practising: the next move is asked for. */
const asking = ref(false);
const said = ref<{ right: boolean; words: string } | null>(null);
const score = ref({ right: 0, asked: 0 });
const names = computed(() => [...new Set(moves.value.map((move) => move.name))].slice(0, 9));
function practise() {
  running.pause();
  asking.value = !asking.value;
  said.value = null;
  score.value = { right: 0, asked: 0 };
}
function say(name: string) {
  if (!next.value) go(0);
  const right = name === next.value?.name;
  score.value = { right: score.value.right + (right ? 1 : 0), asked: score.value.asked + 1 };
  const after = last.value ? `after ${last.value.words} it goes on otherwise` : "it begins otherwise";
  said.value = { right, words: right ? name : after };
  if (right) go(made.value + 1);
}
function show() {
  if (!next.value) return;
  said.value = { right: true, words: next.value.name };
  score.value = { ...score.value, asked: score.value.asked + 1 };
  go(made.value + 1);
}

const KEYS: Record<string, () => void> = {
  ArrowRight: () => go(made.value + 1),
  ArrowLeft: () => go(made.value - 1),
  ArrowUp: () => byRow(1),
  ArrowDown: () => byRow(-1),
  Home: () => go(0),
  End: () => go(total.value),
  " ": toggle,
  r: practise,
  Escape: () => emit("close"),
};
function key(event: KeyboardEvent) {
  if (event.ctrlKey || event.metaKey || event.target !== event.currentTarget) return;
  const choice = asking.value && /^[1-9]$/.test(event.key) ? names.value[Number(event.key) - 1] : undefined;
  const act = choice === undefined ? KEYS[event.key] : () => say(choice);
  if (!act) return;
  event.preventDefault();
  event.stopPropagation();
  act();
}
</script>

<template>
  <div
    class="player d-flex flex-column"
    role="group"
    tabindex="0"
    aria-label="Crocheting: arrow keys go on and back, up and down by a row, space plays, R practises"
    @keydown="key"
  >
    <div class="player-keys d-flex flex-wrap align-items-center gap-1">
      <BButton variant="outline-primary" :aria-label="`A ${rowWord} back`" @click="byRow(-1)">«</BButton>
      <BButton variant="outline-primary" aria-label="A stitch back" @click="go(made - 1)">‹</BButton>
      <template v-if="!asking">
        <BButton variant="outline-primary" class="player-play px-4" :pressed="running.isActive.value" @click="toggle">
          {{ running.isActive.value ? "Pause" : "Play" }}
        </BButton>
        <BButton variant="outline-primary" aria-label="A stitch on" @click="go(made + 1)">›</BButton>
      </template>
      <BButton variant="outline-primary" :aria-label="`A ${rowWord} on`" @click="byRow(1)">»</BButton>
      <BButton variant="outline-secondary" :pressed="asking" title="R" @click="practise">Practise</BButton>
      <input
        class="form-range flex-fill"
        type="range"
        min="0"
        :max="total"
        :value="made"
        aria-label="How far it is crocheted"
        @input="go(Number(($event.target as HTMLInputElement).value))"
      />
      <BCloseButton aria-label="Stop watching" @click="emit('close')" />
    </div>
    <div class="crochet-made d-grid gap-3 align-items-start">
      <div>
        <p class="player-words mb-1" aria-live="polite">
          <span v-if="asking" class="quiet">made: </span>
          <b class="serif fs-4">{{ last ? last.words : "Make a loop on the hook and begin" }}</b>
        </p>
        <p class="figures quiet mb-1">{{ where }}</p>
        <p v-if="!asking && next" class="mb-1">then {{ next.words }}</p>
        <p v-if="bead" class="bg-primary-subtle rounded px-2">Slide a bead up to the hook first.</p>
        <template v-if="asking">
          <p
            aria-live="assertive"
            class="practice-said rounded px-2"
            :class="said?.right ? 'right bg-primary-subtle' : 'bg-warning-subtle'"
          >
            <template v-if="!said">What is the {{ made ? "next" : "first" }} move?</template>
            <template v-else-if="said.right"><b>Right:</b> {{ said.words }}.</template>
            <template v-else><b>Not yet:</b> {{ said.words }}.</template>
            <span class="figures quiet ms-2">{{ score.right }} of {{ score.asked }} right</span>
          </p>
          <div v-if="made < total" class="d-flex flex-wrap gap-2">
            <BButton v-for="(name, i) in names" :key="name" variant="outline-primary" @click="say(name)">
              <span class="quiet figures me-1">{{ i + 1 }}</span>{{ name }}
            </BButton>
            <BButton variant="outline-secondary" @click="show">Show it</BButton>
          </div>
          <p v-else>All of it is made.</p>
        </template>
        <CrochetChart
          v-bind="chart"
          :hand="hand"
          :middle="hand.row"
          :most="180"
          numbered
          label="The chart, the stitch in hand lit"
        />
      </div>
      <FinishedPicture
        :shown="plan"
        face="front"
        :height="300"
        :made="{ section: bench.hand.value, upto: last?.number ?? 0 }"
        label="The piece as far as it is made"
        @stale="bench.replan"
      />
    </div>
  </div>
</template>
