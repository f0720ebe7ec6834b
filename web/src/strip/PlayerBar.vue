<script setup lang="ts">
import { computed, watch } from "vue";
import { useBench } from "../bench/useBench";
import { usePractised } from "../learn/usePractised";
import type { Picture } from "../generated/picture";
import PracticeBar from "./PracticeBar.vue";
import { countWithin } from "./count";
import type { Player } from "./usePlayer";
import { SPEEDS } from "./usePlayer";
import { usePractice } from "./usePractice";

/** Watching the strip being made: the move in words, the count, and big buttons to go on and back; or saying the moves oneself. */
const props = defineProps<{
  player: Player;
  picture: Picture;
  /** The work is turned over: what was over is under, near is far. */
  turned: boolean;
}>();
const emit = defineEmits<{ turn: []; unfold: [] }>();

const bench = useBench();
const answer = computed(() => bench.answer.value!);
const note = usePractised(() => practice.toggle());
const practice = usePractice(
  props.player,
  () => bench.asked(answer.value.document),
  () => props.turned,
  note,
);
watch(practice.on, () => emit("unfold"));
const repeat = computed(() => props.picture.counting.repeat);
const words = computed(() => {
  const shape = props.player.current.value?.shape;
  return shape ? (props.turned ? shape.turned : shape.words) : "Hold the tail on the near side and begin";
});
const count = computed(() =>
  countWithin(bench.strip.value.weave, props.picture.counting, props.player.made.value ?? 0),
);

const KEYS: Record<string, () => void> = {
  ArrowRight: () => props.player.step(1),
  ArrowLeft: () => props.player.step(-1),
  ArrowUp: () => props.player.step(repeat.value),
  ArrowDown: () => props.player.step(-repeat.value),
  Home: () => props.player.go(0),
  End: () => props.player.go(Infinity),
  " ": () => props.player.toggle(),
  t: () => emit("turn"),
  r: () => practice.toggle(),
  Escape: () => props.player.close(),
};
function key(event: KeyboardEvent) {
  if (event.ctrlKey || event.metaKey) return;
  const said = practice.on.value && /^\d$/.test(event.key) && Number(event.key) < props.picture.gaps.length;
  const act = said ? () => void practice.say(Number(event.key)) : KEYS[event.key];
  if (!act) return;
  event.preventDefault();
  event.stopPropagation();
  act();
}
</script>

<template>
  <div
    class="player d-flex flex-column border-top pt-2"
    role="group"
    tabindex="0"
    aria-label="Making: arrow keys go on and back, up and down by a repeat, space plays, T turns the work over, R practises"
    @keydown="key"
  >
    <div class="d-flex align-items-start gap-2">
      <p class="player-words flex-fill d-flex flex-wrap align-items-baseline column-gap-3 mb-2" aria-live="polite">
        <span v-if="practice.on.value" class="quiet">made:</span>
        <b class="serif fs-4">{{ words }}</b>
        <span v-if="count" class="player-count fs-5 fw-semibold text-primary figures">{{ count }}</span>
        <span class="figures quiet">{{ player.where.value }}</span>
        <span v-if="turned" class="player-turned bg-warning-subtle rounded px-2"
          >turned over: near is far, over is under</span
        >
      </p>
      <BCloseButton class="mt-2" aria-label="Stop watching" @click="player.close()" />
    </div>
    <PracticeBar v-if="practice.on.value" :practice="practice" :places="picture.places[turned ? 'back' : 'front']" />
    <div class="player-keys order-first d-flex flex-wrap align-items-center gap-1">
      <BButton variant="outline-primary" aria-label="A repeat back" @click="player.step(-repeat)">«</BButton>
      <BButton variant="outline-primary" aria-label="A move back" @click="player.step(-1)">‹</BButton>
      <template v-if="!practice.on.value">
        <BButton
          variant="outline-primary"
          class="player-play px-4"
          :pressed="player.running.value"
          @click="player.toggle()"
        >
          {{ player.running.value ? "Pause" : "Play" }}
        </BButton>
        <BButton variant="outline-primary" aria-label="A move on" @click="player.step(1)">›</BButton>
      </template>
      <BButton variant="outline-primary" aria-label="A repeat on" @click="player.step(repeat)">»</BButton>
      <BButton variant="outline-secondary" :pressed="turned" title="T" @click="emit('turn')">Turn over</BButton>
      <BButton variant="outline-secondary" :pressed="practice.on.value" title="R" @click="practice.toggle">
        Practise
      </BButton>
      <input
        class="form-range flex-fill"
        type="range"
        min="0"
        :max="player.total.value"
        :value="player.made.value ?? 0"
        aria-label="How far it is made"
        @input="player.go(Number(($event.target as HTMLInputElement).value))"
      />
      <BButtonGroup aria-label="Moves a second">
        <BButton
          v-for="speed in SPEEDS"
          :key="speed"
          variant="outline-secondary"
          :pressed="player.speed.value === speed"
          :aria-label="`${speed} a second`"
          @click="player.setSpeed(speed)"
        >
          {{ speed }}/s
        </BButton>
      </BButtonGroup>
    </div>
  </div>
</template>
