<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../../bench/useBench";
import LiveChoice from "../../brief/LiveChoice.vue";
import LiveCount from "../../brief/LiveCount.vue";
import LiveWire from "../../brief/LiveWire.vue";
import { workingOf } from "../../document/routes";
import { rowsOf } from "../../sections/document";
import { wovenBefore } from "../../sections/goingOn";
import WireFrom from "../../sections/WireFrom.vue";

/** Two sections laced together, or tied where they meet, as a sentence. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const index = computed(() => piece.value.sections.findIndex((one) => one.id === bench.hand.value));
const lace = computed(() => {
  const found = piece.value.sections[index.value];
  return found?.craft === "lace" ? found : null;
});
const rows = computed(() =>
  rowsOf(piece.value, index.value).map((id) => ({
    key: id,
    name: `section ${piece.value.sections.findIndex((one) => one.id === id) + 1}`,
  })),
);
/** May it be made with the wire of another section? */
const shared = computed(() => wovenBefore(piece.value, bench.hand.value, bench.answer.value!.plan).length > 0);
const wires = computed(() => (lace.value ? workingOf(piece.value, lace.value.id) : []));
const words = computed(() => bench.answer.value?.plan.sections.find((one) => one.id === lace.value?.id)?.words);
</script>

<template>
  <p v-if="lace" class="sentence">
    <template v-for="(row, i) in lace.rows" :key="i"
      >{{ i ? " and " : "" }}
      <LiveChoice
        :value="row"
        :options="rows"
        :label="`${i ? 'Second' : 'First'} row`"
        @change="(id) => bench.edit(bench.path(`rows/${i}`), id)"
      />
    </template>
    laced together, or tied where they meet, with <LiveWire :wires="wires" name="Lacing wire" /><template v-if="shared">
      (<WireFrom />)</template
    >, at
    <LiveCount :path="bench.path('places')" label="Places" />
    {{ lace.places === 1 ? "place" : "places" }} shared out along them, with
    <LiveCount :path="bench.path('wraps')" label="Wraps at a place" /> wraps.
    <span v-if="words" class="quiet">As they lie: {{ words }}.</span>
  </p>
</template>
