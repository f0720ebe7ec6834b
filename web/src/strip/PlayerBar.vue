<script setup lang="ts">
import type { Player } from "./usePlayer";
import { SPEEDS } from "./usePlayer";

/** Watching the strip being made: the move in words, the count, and big buttons to go on and back. */
const props = defineProps<{
  player: Player;
  /** How many moves a repeat takes. */
  repeat: number;
  /** The words are those of the front; seen from the back, that is said. */
  fromBack: boolean;
}>();

const KEYS: Record<string, () => void> = {
  ArrowRight: () => props.player.step(1),
  ArrowLeft: () => props.player.step(-1),
  ArrowUp: () => props.player.step(props.repeat),
  ArrowDown: () => props.player.step(-props.repeat),
  Home: () => props.player.go(0),
  End: () => props.player.go(Infinity),
  " ": () => props.player.toggle(),
  Escape: () => props.player.close(),
};
function key(event: KeyboardEvent) {
  const act = KEYS[event.key];
  if (!act) return;
  event.preventDefault();
  event.stopPropagation();
  act();
}
</script>

<template>
  <div
    class="player"
    role="group"
    tabindex="0"
    aria-label="Making: arrow keys go on and back, up and down by a repeat, space plays"
    @keydown="key"
  >
    <p class="player-words" aria-live="polite">
      <b>{{ player.current.value?.shape.words ?? "Hold the tail on the near side and begin" }}</b>
      <span class="figures quiet">{{ player.where.value }}{{ fromBack ? "; said from the front" : "" }}</span>
      <button type="button" class="fold" aria-label="Stop watching" @click="player.close()">×</button>
    </p>
    <div class="player-keys">
      <button type="button" aria-label="A repeat back" @click="player.step(-repeat)">«</button>
      <button type="button" aria-label="A move back" @click="player.step(-1)">‹</button>
      <button type="button" class="player-play" :aria-pressed="player.running.value" @click="player.toggle()">
        {{ player.running.value ? "Hold" : "Play" }}
      </button>
      <button type="button" aria-label="A move on" @click="player.step(1)">›</button>
      <button type="button" aria-label="A repeat on" @click="player.step(repeat)">»</button>
      <input
        type="range"
        min="0"
        :max="player.total.value"
        :value="player.made.value ?? 0"
        aria-label="How far it is made"
        @input="player.go(Number(($event.target as HTMLInputElement).value))"
      />
      <div class="choice" role="group" aria-label="Moves a second">
        <button
          v-for="speed in SPEEDS"
          :key="speed"
          type="button"
          :aria-pressed="player.speed.value === speed"
          :aria-label="`${speed} a second`"
          @click="player.setSpeed(speed)"
        >
          {{ speed }}/s
        </button>
      </div>
    </div>
  </div>
</template>
