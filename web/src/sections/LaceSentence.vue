<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import LiveChoice from "../brief/LiveChoice.vue";
import LiveCount from "../brief/LiveCount.vue";
import LiveWire from "../brief/LiveWire.vue";
import { workingOf } from "../document/routes";
import { rowsOf, withoutSection } from "./document";

/** Two sections laced together, or tied where they meet, as a sentence. */
const props = defineProps<{ index: number }>();
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const lace = computed(() => {
  const found = piece.value.sections[props.index];
  return found?.craft === "lace" ? found : null;
});
const path = computed(() => `/sections/${props.index}`);
const name = computed(() => `Section ${props.index + 1}`);
const rows = computed(() =>
  rowsOf(piece.value, props.index).map((id) => ({
    key: id,
    name: `section ${piece.value.sections.findIndex((one) => one.id === id) + 1}`,
  })),
);
const wires = computed(() => (lace.value ? workingOf(piece.value, lace.value.id) : []));
const words = computed(() => bench.answer.value?.plan.sections.find((one) => one.id === lace.value?.id)?.words);
</script>

<template>
  <li v-if="lace" class="section-line" :data-section="lace.id">
    <span class="section-number quiet">{{ index + 1 }}</span>
    <p class="sentence">
      <template v-for="(row, i) in lace.rows" :key="i"
        >{{ i ? " and " : "" }}
        <LiveChoice
          :value="row"
          :options="rows"
          :label="`${name}: ${i ? 'second' : 'first'} row`"
          @change="(id) => bench.edit(`${path}/rows/${i}`, id)"
        />
      </template>
      laced together, or tied where they meet, with <LiveWire :wires="wires" :name="`${name}: lacing wire`" />, at
      <LiveCount :path="`${path}/places`" :label="`${name}: places`" />
      {{ lace.places === 1 ? "place" : "places" }} shared out along them, with
      <LiveCount :path="`${path}/wraps`" :label="`${name}: wraps at a place`" /> wraps.
      <span v-if="words" class="quiet">As they lie: {{ words }}.</span>
      <span class="section-acts">
        <button
          type="button"
          class="quiet-act"
          :aria-label="`Take section ${index + 1} out`"
          @click="bench.change(withoutSection(piece, index))"
        >
          Take it out
        </button>
      </span>
    </p>
  </li>
</template>
