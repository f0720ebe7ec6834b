<script setup lang="ts">
import { useIntervalFn } from "@vueuse/core";
import { computed, ref } from "vue";
import { usePractised } from "../learn/usePractised";

/** Something being made, move by move: the move in words, the count, forwards and back; or saying the moves oneself. */
const props = defineProps<{
  /** How many moves there are, what each is, from 1, and what they may be. */
  total: number;
  name: (number: number) => string;
  names: string[];
  /** Where a row, or a stitch, before and after so many moves ends. */
  back: (made: number) => number;
  on: (made: number) => number;
  /** What it is called: doing it, a move, what several of them make, how far it is made. */
  about: string;
  move: string;
  row: string;
  far: string;
  where: string;
  /** Said before the first move, of a first one that was not right, and once all is made. */
  begin: string;
  otherwise: string;
  done: string;
  /** From one move to the next while it plays. */
  ms: number;
  /** How what is shown stands beside the words. */
  lies: string;
}>();
const emit = defineEmits<{ close: [] }>();
/** How many moves are made. */
const made = defineModel<number>("made", { required: true });
const go = (to: number) => (made.value = Math.min(Math.max(to, 0), props.total));

const running = useIntervalFn(
  () => {
    go(made.value + 1);
    if (made.value === props.total) running.pause();
  },
  () => props.ms,
  { immediate: false },
);
function toggle() {
  if (running.isActive.value) return running.pause();
  if (made.value === props.total) go(0);
  running.resume();
}

/** Practising: the next move is asked for. */
const asking = ref(false);
const said = ref<{ right: boolean; words: string } | null>(null);
const score = ref({ right: 0, asked: 0 });
const note = usePractised(() => practise());
const next = computed(() => (made.value < props.total ? props.name(made.value + 1) : null));
function practise() {
  running.pause();
  asking.value = !asking.value;
  said.value = null;
  score.value = { right: 0, asked: 0 };
}
function say(words: string) {
  if (made.value === props.total) go(0);
  const right = words === next.value;
  note(next.value!, right);
  score.value = { right: score.value.right + (right ? 1 : 0), asked: score.value.asked + 1 };
  const after = made.value ? `after ${props.name(made.value)} it goes on otherwise` : props.otherwise;
  said.value = { right, words: right ? words : after };
  if (right) go(made.value + 1);
}
function show() {
  note(next.value!, false);
  said.value = { right: true, words: next.value! };
  score.value = { ...score.value, asked: score.value.asked + 1 };
  go(made.value + 1);
}

const KEYS: Record<string, () => void> = {
  ArrowRight: () => go(made.value + 1),
  ArrowLeft: () => go(made.value - 1),
  ArrowUp: () => go(props.on(made.value)),
  ArrowDown: () => go(props.back(made.value)),
  Home: () => go(0),
  End: () => go(props.total),
  " ": toggle,
  r: practise,
  Escape: () => emit("close"),
};
function key(event: KeyboardEvent) {
  if (event.ctrlKey || event.metaKey || event.target !== event.currentTarget) return;
  const choice = asking.value && /^[1-9]$/.test(event.key) ? props.names[Number(event.key) - 1] : undefined;
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
    :aria-label="`${about}: arrow keys go on and back, up and down by a ${row}, space plays, R practises`"
    @keydown="key"
  >
    <div class="player-keys d-flex flex-wrap align-items-center gap-1">
      <BButton variant="outline-primary" :aria-label="`A ${row} back`" @click="go(back(made))">«</BButton>
      <BButton variant="outline-primary" :aria-label="`A ${move} back`" @click="go(made - 1)">‹</BButton>
      <template v-if="!asking">
        <BButton variant="outline-primary" class="player-play px-4" :pressed="running.isActive.value" @click="toggle">
          {{ running.isActive.value ? "Pause" : "Play" }}
        </BButton>
        <BButton variant="outline-primary" :aria-label="`A ${move} on`" @click="go(made + 1)">›</BButton>
      </template>
      <BButton variant="outline-primary" :aria-label="`A ${row} on`" @click="go(on(made))">»</BButton>
      <BButton variant="outline-secondary" :pressed="asking" title="R" @click="practise">Practise</BButton>
      <input
        class="form-range flex-fill"
        type="range"
        min="0"
        :max="total"
        :value="made"
        :aria-label="far"
        @input="go(Number(($event.target as HTMLInputElement).value))"
      />
      <BCloseButton aria-label="Stop watching" @click="emit('close')" />
    </div>
    <div :class="lies">
      <slot name="before" />
      <div class="flex-fill">
        <p class="player-words mb-1" aria-live="polite">
          <span v-if="asking" class="quiet">made: </span>
          <b class="serif fs-4">{{ made ? name(made) : begin }}</b>
        </p>
        <p class="figures quiet mb-1">{{ where }}</p>
        <slot name="note" />
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
          <div v-if="next" class="d-flex flex-wrap gap-2">
            <BButton v-for="(words, i) in names" :key="words" variant="outline-primary" @click="say(words)">
              {{ i + 1 }}: {{ words }}
            </BButton>
            <BButton variant="link" @click="show">Show me</BButton>
          </div>
        </template>
        <p v-else-if="next" class="quiet mb-1">Next: {{ next }}</p>
        <p v-if="!next" class="quiet">{{ done }}</p>
        <slot />
      </div>
      <slot name="after" />
    </div>
  </div>
</template>
