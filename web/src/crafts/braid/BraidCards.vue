<script setup lang="ts">
import { api } from "../../api/client";
import type { BraidSample } from "../../api/braids";
import { useFormat } from "../../units/format";
import { useSamples } from "../useSamples";
import BraidDiagram from "./BraidDiagram.vue";

/** Every braid to choose from in a wire: its crossings, and what it takes for a centimetre. */
const props = defineProps<{ wire: { typed: string }; colour: string; taken?: (sample: BraidSample) => boolean }>();
const emit = defineEmits<{ take: [sample: BraidSample] }>();
const format = useFormat();
/** A diagram shows so many crossings at least, round after round. */
const SHOWN = 6;
const shown = ({ crossings }: BraidSample) =>
  Array.from({ length: Math.ceil(SHOWN / crossings.length) }, () => crossings).flat();

const { samples, trouble } = useSamples(
  () => props.wire.typed,
  async () => (await api.braids(props.wire)).braids,
  "The braids could not be tried: Meander did not answer",
);
</script>

<template>
  <p v-if="trouble" class="text-danger" role="alert">{{ trouble }}</p>
  <p v-else-if="!samples" role="status">Trying the braids…</p>
  <ul v-else class="braid-cards">
    <li
      v-for="sample in samples"
      :key="sample.key"
      class="card p-2 gap-1"
      :class="{ 'taken border-primary': taken?.(sample) }"
      :data-braid="sample.key"
    >
      <BraidDiagram
        class="braid-small"
        :scale="0.55"
        :colours="Array.from({ length: sample.strands }, () => colour)"
        :strands="sample.strands"
        :crossings="shown(sample)"
        :label="`${sample.name}, its crossings`"
      />
      <h3>{{ sample.name }}</h3>
      <p class="quiet flex-fill">{{ sample.suits }}</p>
      <dl class="facts d-flex flex-wrap column-gap-4 row-gap-1 border-top pt-2 figures border-0">
        <div>
          <dt>wire for 1 cm</dt>
          <dd>{{ format.length(sample.figures.wire_per_cm_mm) }}</dd>
        </div>
        <div>
          <dt>each strand</dt>
          <dd>
            {{ sample.figures.take_up.toFixed(2) }} times<template v-if="sample.figures.assumed"> (assumed)</template>
          </dd>
        </div>
        <div>
          <dt>{{ sample.flat ? "stitch" : "round" }}</dt>
          <dd>{{ format.length(sample.figures.pitch_mm) }}</dd>
        </div>
        <div>
          <dt>width</dt>
          <dd>{{ format.length(sample.figures.width_mm) }}</dd>
        </div>
      </dl>
      <div>
        <BButton variant="outline-primary" :disabled="taken?.(sample)" @click="emit('take', sample)">
          {{ taken?.(sample) ? "On the bench" : "Braid this" }}
        </BButton>
      </div>
    </li>
  </ul>
</template>
