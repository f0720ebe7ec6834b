<script setup lang="ts">
import { computed, ref } from "vue";
import { useBench } from "../../bench/useBench";
import BraidDiagram from "./BraidDiagram.vue";
import MovesPlayer from "../MovesPlayer.vue";
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
const moves = computed(() => [...new Set(told.value.moves)]);
</script>

<template>
  <MovesPlayer
    :made="made"
    :total="total"
    :name="move"
    :names="moves"
    :back="(now) => now - round"
    :on="(now) => now + round"
    about="Braiding"
    move="move"
    :row="word"
    far="How far it is braided"
    :where="where"
    begin="Clamp the strands side by side and begin"
    otherwise="the braid begins otherwise"
    done="The braid is done: hold its end."
    :ms="900"
    lies="braid-walk d-flex gap-4 align-items-start"
    @update:made="(now) => (wanted = now)"
    @close="emit('close')"
  >
    <template #before>
      <BraidDiagram
        :strands="told.strands.length"
        :crossings="shown"
        :colours="lying.map((strand) => colours[strand]!)"
        :names="lying.map((strand) => strand + 1)"
        :made="made - first"
        apart
        label="The last crossings and the next ones, the beginning at the top"
      />
    </template>
    <template #note>
      <p v-if="bead" class="bg-primary-subtle rounded px-2">Slide a bead up before the next {{ word }}.</p>
    </template>
  </MovesPlayer>
</template>
