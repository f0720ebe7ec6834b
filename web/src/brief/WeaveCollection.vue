<script setup lang="ts">
import { onMounted, ref, shallowRef } from "vue";
import { api, type Sample, type Trial } from "../api/client";
import { useBench } from "../bench/useBench";
import { isWoven } from "../bench/weave";
import type { Picture } from "../generated/picture";
import StripPicture from "../strip/StripPicture.vue";
import { useFormat } from "../units/format";

/** Every weave of the collection as a strip to scale in the maker's own wires, beside each other, to compare and to take. */
const emit = defineEmits<{ fold: [] }>();
const bench = useBench();
const format = useFormat();
interface Shown {
  sample: Sample;
  trial: Trial;
  picture: Picture;
}
const shown = shallowRef<Shown[]>([]);
const trouble = ref("");
/** Pixels per mm, the same for all. */
const SCALE = 8;

onMounted(async () => {
  try {
    const { weaves } = await api.weaves(bench.answer.value!.document);
    shown.value = await Promise.all(
      weaves.map(async (trial) => ({
        trial,
        sample: bench.catalogue.value!.weaves.find((sample) => sample.key === trial.key)!,
        picture: await api.picture(trial.picture),
      })),
    );
  } catch (error) {
    trouble.value = error instanceof Error ? error.message : "Meander did not answer";
  }
});

const isTaken = ({ sample }: Shown) => isWoven(bench.draft.value!, sample);
/** Where one wire alone is woven nothing bends edgewise; where both are covered the coils outside open at once. */
function bend({ sample, trial }: Shown): string {
  if (sample.base === 1) return "—";
  return trial.figures.bend_mm === null ? "opens at once" : format.length(trial.figures.bend_mm);
}
</script>

<template>
  <section class="collection" aria-label="The weaves" @keydown.esc="emit('fold')">
    <header>
      <h2>The weaves <small>in your wires, to one scale</small></h2>
      <button type="button" class="fold" aria-label="Fold away" @click="emit('fold')">×</button>
    </header>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <p v-else-if="!shown.length" role="status">Weaving them…</p>
    <ul>
      <li v-for="one in shown" :key="one.sample.key" :class="{ taken: isTaken(one) }" :data-weave="one.sample.key">
        <StripPicture :picture="one.picture" :scale="SCALE" :label="`${one.sample.name}, strip`" />
        <h3>{{ one.sample.name }}</h3>
        <p class="quiet">{{ one.sample.suits }}</p>
        <dl class="figures">
          <div>
            <dt>wire for 1 cm</dt>
            <dd>{{ format.length(one.trial.figures.wire_per_cm_mm) }}</dd>
          </div>
          <div>
            <dt>repeat</dt>
            <dd>{{ format.length(one.trial.figures.advance_mm) }}</dd>
          </div>
          <div>
            <dt>width</dt>
            <dd>{{ format.length(one.trial.figures.width_mm) }}</dd>
          </div>
          <div>
            <dt>bends edgewise to</dt>
            <dd>{{ bend(one) }}</dd>
          </div>
        </dl>
        <button type="button" class="act" :disabled="isTaken(one)" @click="bench.takeSample(one.sample)">
          {{ isTaken(one) ? "On the bench" : "Weave this" }}
        </button>
      </li>
    </ul>
  </section>
</template>
