<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../../bench/useBench";
import LiveChoice from "../../brief/LiveChoice.vue";
import LiveCount from "../../brief/LiveCount.vue";
import LiveSize from "../../brief/LiveSize.vue";
import type { Piece } from "../../generated/piece";

/** The straights and arcs of a run, one after another. */
type Bend = Extract<Piece["sections"][number], { craft: "bend" }>["bend"];
type Part = Extract<Bend, { kind: "run" }>["parts"][number];
const MOST = 40;
const SIDES = [
  { key: "near", name: "near" },
  { key: "far", name: "far" },
];
const bench = useBench();
const path = computed(() => bench.path("bend/parts"));
const parts = computed(() => (bench.value(path.value) ?? []) as Part[]);
const put = (next: Part[]) => bench.edit(path.value, next);
const NEW: Record<Part["kind"], Part> = {
  straight: { kind: "straight", length: { typed: "10 mm" } },
  arc: { kind: "arc", angle: 90, towards: "far", radius: { typed: "6 mm" } },
};
const add = (kind: Part["kind"]) => put([...parts.value, { ...NEW[kind] }]);
const remove = (at: number) => put(parts.value.filter((_, i) => i !== at));
</script>

<template>
  <template v-for="(part, i) in parts" :key="i"
    >{{ i === 0 ? ":" : ", then" }}
    <template v-if="part.kind === 'straight'"
      ><LiveSize :path="`${path}/${i}/length`" :label="`Part ${i + 1}: length`" :by="1" /> straight</template
    ><template v-else
      ><LiveCount :path="`${path}/${i}/angle`" :label="`Part ${i + 1}: degrees`" />° towards its
      <LiveChoice
        :value="part.towards"
        :options="SIDES"
        :label="`Part ${i + 1}: side`"
        @change="(side) => bench.edit(`${path}/${i}/towards`, side)" />
      side on a radius of
      <LiveSize :path="`${path}/${i}/radius`" :label="`Part ${i + 1}: radius`" :by="0.5" /></template
    ><button
      v-if="parts.length > 1"
      type="button"
      class="unfold plain ms-1"
      :aria-label="`Remove part ${i + 1}`"
      @click="remove(i)"
    >
      ×
    </button></template
  >{{ " " }}
  <template v-if="parts.length < MOST"
    ><button type="button" class="unfold plain" @click="add('straight')">then a straight</button>{{ " " }}
    <button type="button" class="unfold plain" @click="add('arc')">then an arc</button></template
  >
</template>
