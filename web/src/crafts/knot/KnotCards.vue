<script setup lang="ts">
import { api } from "../../api/client";
import type { KnotSample } from "../../api/knots";
import { useFormat } from "../../units/format";
import { useSamples } from "../useSamples";
import { Grid, type Told } from "./grid";
import KnotGrid from "./KnotGrid.vue";

/** Every pattern of knots to choose from in a cord: its first knots, and what it takes for a centimetre. */
const props = defineProps<{ cord: { typed: string }; colour: string; taken?: (sample: KnotSample) => boolean }>();
const emit = defineEmits<{ take: [sample: KnotSample] }>();
const format = useFormat();
const LEVELS = 6;
const grid = ({ cords, chart }: KnotSample) =>
  new Grid(
    cords,
    chart.map((knot) => [...knot, 0] as Told),
  );
const colours = ({ cords }: KnotSample) => Array.from({ length: cords }, () => props.colour);

const { samples, trouble } = useSamples(
  () => props.cord.typed,
  async () => (await api.knots(props.cord)).knots,
  "The knots could not be tried: Meander did not answer, or the cord is too thick to knot",
);
</script>

<template>
  <p v-if="trouble" class="text-danger" role="alert">{{ trouble }}</p>
  <p v-else-if="!samples" role="status">Trying the knots…</p>
  <ul v-else class="braid-cards">
    <li
      v-for="sample in samples"
      :key="sample.key"
      class="card p-2 gap-1"
      :class="{ 'taken border-primary': taken?.(sample) }"
      :data-knots="sample.key"
    >
      <KnotGrid
        :grid="grid(sample)"
        :colours="colours(sample)"
        :levels="LEVELS"
        :high="130"
        :label="`${sample.name}, its first rows`"
      />
      <h3>{{ sample.name }}</h3>
      <p class="quiet flex-fill">{{ sample.suits }}</p>
      <dl class="facts d-flex flex-wrap column-gap-4 row-gap-1 border-top pt-2 figures border-0">
        <div>
          <dt>cords</dt>
          <dd>{{ sample.cords }}</dd>
        </div>
        <div>
          <dt>longest and shortest for 1 cm (assumed)</dt>
          <dd>
            {{ format.length(sample.figures.longest_per_cm_mm) }},
            {{ format.length(sample.figures.shortest_per_cm_mm) }}
          </dd>
        </div>
        <div>
          <dt>cord in all for 1 cm</dt>
          <dd>{{ format.length(sample.figures.cord_per_cm_mm) }}</dd>
        </div>
        <div>
          <dt>width</dt>
          <dd>{{ format.length(sample.figures.width_mm) }}</dd>
        </div>
      </dl>
      <div>
        <BButton variant="outline-primary" :disabled="taken?.(sample)" @click="emit('take', sample)">
          {{ taken?.(sample) ? "On the bench" : "Knot this" }}
        </BButton>
      </div>
    </li>
  </ul>
</template>
