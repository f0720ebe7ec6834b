<script setup lang="ts">
import { computed, ref } from "vue";
import { useBench } from "../../bench/useBench";
import FinishedPicture from "../../finished/FinishedPicture.vue";
import MovesPlayer from "../MovesPlayer.vue";
import KnotGrid from "./KnotGrid.vue";
import { useGrid } from "./useGrid";

/** Knots being tied, tie by tie: the grid with the knot in hand lit, the tie in words, the piece as far as it is made; forwards, back, or saying the ties oneself. */
const emit = defineEmits<{ close: [] }>();
const bench = useBench();
const told = computed(() => bench.knot.value!);
const plan = computed(() => bench.answer.value!.plan);
const grid = useGrid();
const moves = computed(() =>
  told.value.knots.flatMap(([kind], knot) =>
    told.value.kinds[kind!]!.ties.map((name, i, all) => ({ name, knot, tie: i + 1, of: all.length })),
  ),
);
const wanted = ref(0);
const made = computed(() => Math.min(wanted.value, moves.value.length));
const last = computed(() => moves.value[made.value - 1] ?? null);
/** Where each knot ends, by its ties. */
const ends = computed(() => moves.value.flatMap(({ tie, of }, i) => (tie === of ? [i + 1] : [])));
const on = (now: number) => ends.value.find((end) => end > now) ?? moves.value.length;
const back = (now: number) => ends.value.findLast((end) => end < now) ?? 0;
/** Knots that are whole, and the one in hand with them. */
const whole = computed(() => (last.value ? last.value.knot + (last.value.tie === last.value.of ? 1 : 0) : 0));
const where = computed(() => {
  if (!last.value) return "Nothing tied yet";
  const [kind, row, from] = told.value.knots[last.value.knot]!;
  const { cords, name } = told.value.kinds[kind!]!;
  const over = from! + cords - told.value.cords;
  const far = over > 0 ? `${told.value.cords} and 1 to ${over}` : from! + cords;
  const places = cords === 1 ? `cord ${from! + 1}` : `places ${from! + 1} to ${far}`;
  return `knot ${last.value.knot + 1} of ${told.value.knots.length}, row ${row! + 1}: ${name}, ${places}`;
});
const SEEN = 6;
const level = computed(() => {
  const knot = grid.value.grid.tied[last.value?.knot ?? 0];
  return Math.max(Math.min((knot?.level ?? 0) - SEEN + 3, grid.value.grid.levels - SEEN), 0);
});
const names = computed(() => [...new Set(moves.value.map((move) => move.name))].slice(0, 9));
</script>

<template>
  <MovesPlayer
    :made="made"
    :total="moves.length"
    :name="(number) => moves[number - 1]!.name"
    :names="names"
    :back="back"
    :on="on"
    about="Knotting"
    move="tie"
    row="knot"
    far="How far it is knotted"
    :where="where"
    begin="Hang the cords and begin"
    otherwise="it begins otherwise"
    done="All of it is tied: finish the ends."
    :ms="900"
    lies="crochet-made d-grid gap-3 align-items-start"
    @update:made="(now) => (wanted = now)"
    @close="emit('close')"
  >
    <KnotGrid
      v-bind="grid"
      :from="level"
      :levels="SEEN"
      :made="last ? last.knot + 1 : 0"
      :high="220"
      label="The grid, the knot in hand lit"
    />
    <template #after>
      <FinishedPicture
        :shown="plan"
        face="front"
        :height="300"
        :made="{ section: bench.hand.value, upto: whole }"
        label="The piece as far as it is made"
        @stale="bench.replan"
      />
    </template>
  </MovesPlayer>
</template>
