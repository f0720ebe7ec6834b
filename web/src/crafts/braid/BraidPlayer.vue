<script setup lang="ts">
import { useIntervalFn } from "@vueuse/core";
import { computed, ref } from "vue";
import { useBench } from "../../bench/useBench";
import BraidDiagram from "./BraidDiagram.vue";
import { stitches } from "./braid";
import { useColours } from "./useColours";

/** A braid being made, crossing by crossing: the move in words, the count, forwards and back; or saying the moves oneself. */
const emit = defineEmits<{ close: [] }>();
const bench = useBench();
const told = computed(() => bench.braid.value!);
const colours = useColours();
const round = computed(() => told.value.crossings.length);
const total = computed(() => told.value.repeats * round.value);
const wanted = ref(0);
const made = computed(() => Math.min(wanted.value, total.value));
const go = (to: number) => (wanted.value = Math.min(Math.max(to, 0), total.value));
const word = computed(() => stitches(told.value.flat, 1));

/** The last moves and the next ones, as rows; the strands keep the numbers they began with. */
const BEFORE = 5;
const AFTER = 2;
const first = computed(() => Math.max(Math.min(made.value - BEFORE, total.value - BEFORE - AFTER), 0));
const shown = computed(() => {
  const to = Math.min(first.value + BEFORE + AFTER, total.value);
  return Array.from(
    { length: Math.max(to - first.value, 0) },
    (_, i) => told.value.crossings[(first.value + i) % round.value]!,
  );
});
/** Which strand lies where after so many crossings. */
const lying = computed(() => {
  const order = told.value.strands.map((_, i) => i);
  for (let i = 0; i < first.value; i++) {
    const { gap } = told.value.crossings[i % round.value]!;
    [order[gap - 1], order[gap]] = [order[gap]!, order[gap - 1]!];
  }
  return order;
});
const move = (number: number) => told.value.moves[(number - 1) % round.value]!;
const stitch = (number: number) => Math.floor((number - 1) / round.value) + 1;
const where = computed(() =>
  made.value === 0
    ? "Nothing crossed yet"
    : `${word.value} ${stitch(made.value)} of ${told.value.repeats}, crossing ${((made.value - 1) % round.value) + 1} of ${round.value}`,
);
/** A bead is slid up before the stitch that carries it. */
const bead = computed(() => {
  const next = made.value + 1;
  return next <= total.value && (next - 1) % round.value === 0 && told.value.beaded.includes(stitch(next));
});

const running = useIntervalFn(
  () => {
    go(made.value + 1);
    if (made.value === total.value) running.pause();
  },
  900,
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
const moves = computed(() => [...new Set(told.value.moves)]);
function practise() {
  running.pause();
  asking.value = !asking.value;
  said.value = null;
  score.value = { right: 0, asked: 0 };
}
function say(words: string) {
  if (made.value === total.value) go(0);
  const next = move(made.value + 1);
  const right = words === next;
  score.value = { right: score.value.right + (right ? 1 : 0), asked: score.value.asked + 1 };
  const after = made.value ? `after ${move(made.value)} it goes on otherwise` : "the braid begins otherwise";
  said.value = { right, words: right ? next : after };
  if (right) go(made.value + 1);
}
function show() {
  said.value = { right: true, words: move(made.value + 1) };
  score.value = { ...score.value, asked: score.value.asked + 1 };
  go(made.value + 1);
}

const KEYS: Record<string, () => void> = {
  ArrowRight: () => go(made.value + 1),
  ArrowLeft: () => go(made.value - 1),
  ArrowUp: () => go(made.value + round.value),
  ArrowDown: () => go(made.value - round.value),
  Home: () => go(0),
  End: () => go(total.value),
  " ": toggle,
  r: practise,
  Escape: () => emit("close"),
};
function key(event: KeyboardEvent) {
  if (event.ctrlKey || event.metaKey || event.target !== event.currentTarget) return;
  const choice = asking.value && /^[1-9]$/.test(event.key) ? moves.value[Number(event.key) - 1] : undefined;
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
    aria-label="Braiding: arrow keys go on and back, up and down by a stitch, space plays, R practises"
    @keydown="key"
  >
    <div class="player-keys d-flex flex-wrap align-items-center gap-1">
      <BButton variant="outline-primary" :aria-label="`A ${word} back`" @click="go(made - round)">«</BButton>
      <BButton variant="outline-primary" aria-label="A move back" @click="go(made - 1)">‹</BButton>
      <template v-if="!asking">
        <BButton variant="outline-primary" class="player-play px-4" :pressed="running.isActive.value" @click="toggle">
          {{ running.isActive.value ? "Pause" : "Play" }}
        </BButton>
        <BButton variant="outline-primary" aria-label="A move on" @click="go(made + 1)">›</BButton>
      </template>
      <BButton variant="outline-primary" :aria-label="`A ${word} on`" @click="go(made + round)">»</BButton>
      <BButton variant="outline-secondary" :pressed="asking" title="R" @click="practise">Practise</BButton>
      <input
        class="form-range flex-fill"
        type="range"
        min="0"
        :max="total"
        :value="made"
        aria-label="How far it is braided"
        @input="go(Number(($event.target as HTMLInputElement).value))"
      />
      <BCloseButton aria-label="Stop watching" @click="emit('close')" />
    </div>
    <div class="braid-walk d-flex gap-4 align-items-start">
      <BraidDiagram
        :strands="told.strands.length"
        :crossings="shown"
        :colours="lying.map((strand) => colours[strand]!)"
        :names="lying.map((strand) => strand + 1)"
        :made="made - first"
        apart
        label="The last crossings and the next ones, the beginning at the top"
      />
      <div class="flex-fill">
        <p class="player-words mb-2" aria-live="polite">
          <span v-if="asking" class="quiet">made: </span>
          <b class="serif fs-4">{{ made ? move(made) : "Clamp the strands side by side and begin" }}</b>
        </p>
        <p class="figures quiet">{{ where }}</p>
        <p v-if="bead" class="bg-primary-subtle rounded px-2">Slide a bead up before the next {{ word }}.</p>
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
            <BButton v-for="(words, i) in moves" :key="words" variant="outline-primary" @click="say(words)">
              {{ i + 1 }}: {{ words }}
            </BButton>
            <BButton variant="link" @click="show">Show me</BButton>
          </div>
        </template>
        <p v-else-if="made < total" class="quiet">Next: {{ move(made + 1) }}</p>
        <p v-if="made === total" class="quiet">The braid is done: hold its end.</p>
      </div>
    </div>
  </div>
</template>
