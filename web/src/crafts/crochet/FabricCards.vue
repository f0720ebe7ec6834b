<script setup lang="ts">
import { api } from "../../api/client";
import type { FabricSample } from "../../api/fabrics";
import { useFormat } from "../../units/format";
import { useSamples } from "../useSamples";
import CrochetChart from "./CrochetChart.vue";

/** Every fabric to choose from in a wire: the beginning of its chart, and what it takes for a centimetre. */
const props = defineProps<{ wire: { typed: string }; taken?: (sample: FabricSample) => boolean }>();
const emit = defineEmits<{ take: [sample: FabricSample] }>();
const format = useFormat();
const MOST = 12;
const few = ({ cells }: FabricSample) => ({ ...cells.begun, count: Math.min(cells.begun.count, MOST) });
/** Of rows longer than that the first stitches. */
const rows = ({ cells }: FabricSample) =>
  cells.begun.count <= MOST || cells.way !== "rows"
    ? cells.rows
    : cells.rows.map((row) => ({ heads: MOST, items: row.items.map((one) => ({ ...one, times: MOST })) }));
/** Of what is no band or cord all of it is told. */
const whole = ({ fabric }: FabricSample) => !["cord", "band", "tube"].includes(fabric.kind);
const polar = ({ cells }: FabricSample) => cells.begun.kind === "hole";

const { samples, trouble } = useSamples(
  () => props.wire.typed,
  async () => (await api.fabrics(props.wire)).fabrics,
  "The fabrics could not be tried: Meander did not answer, or the wire is too thick to crochet",
);
</script>

<template>
  <p v-if="trouble" class="text-danger" role="alert">{{ trouble }}</p>
  <p v-else-if="!samples" role="status">Trying the fabrics…</p>
  <ul v-else class="braid-cards">
    <li
      v-for="sample in samples"
      :key="sample.key"
      class="card p-2 gap-1"
      :class="{ 'taken border-primary': taken?.(sample) }"
      :data-fabric="sample.key"
    >
      <CrochetChart
        :rows="rows(sample)"
        :begun="few(sample)"
        :way="sample.cells.way"
        :polar="polar(sample)"
        :most="120"
        :label="`${sample.name}, the beginning of its chart`"
      />
      <h3>{{ sample.name }}</h3>
      <p class="quiet flex-fill">{{ sample.suits }}</p>
      <dl class="facts d-flex flex-wrap column-gap-4 row-gap-1 border-top pt-2 figures border-0">
        <div>
          <dt>{{ whole(sample) ? "wire in all" : "wire for 1 cm" }} (assumed)</dt>
          <dd>{{ format.length(whole(sample) ? sample.figures.wire_mm : sample.figures.wire_per_cm_mm) }}</dd>
        </div>
        <div>
          <dt>hook</dt>
          <dd>{{ format.length(sample.hook_mm) }}</dd>
        </div>
        <div>
          <dt>width</dt>
          <dd>{{ format.length(sample.figures.width_mm) }}</dd>
        </div>
        <div>
          <dt>falls</dt>
          <dd>{{ sample.figures.drape }}</dd>
        </div>
      </dl>
      <div>
        <BButton variant="outline-primary" :disabled="taken?.(sample)" @click="emit('take', sample)">
          {{ taken?.(sample) ? "On the bench" : "Crochet this" }}
        </BButton>
      </div>
    </li>
  </ul>
</template>
