<script setup lang="ts">
import { computed } from "vue";
import { api } from "../../api/client";
import { useBench } from "../../bench/useBench";
import LiveChoice from "../../brief/LiveChoice.vue";
import LiveCount from "../../brief/LiveCount.vue";
import ShortRows from "../ShortRows.vue";
import { crochet, withFabric, written } from "./crochet";

/** A fabric row by row, written in short. What cannot be read stays as it was typed. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const fabric = computed(() => {
  const now = crochet(piece.value, bench.hand.value).fabric;
  return now.kind === "rows" ? now : null;
});
const told = bench.crochet;
const edge = computed(() => crochet(piece.value, bench.hand.value).begun === "edge");
const short = computed(() => (fabric.value ? written(fabric.value.rows) : ""));
/** What is wrong with rows that stand in the document. */
const standing = bench.faultAt(bench.path("fabric"));
const extent = bench.faultAt(bench.path("extent"));
const wrong = computed(() => standing.value ?? extent.value);
const BEGIN = [
  { key: "chain", name: "a row" },
  { key: "ring", name: "a ring, into each of them," },
  { key: "hole", name: "a ring, into the middle of it," },
];
const WAYS = [
  { key: "rows", name: "turned after each row" },
  { key: "spiral", name: "round and round" },
  { key: "closed", name: "in closed rounds" },
];
const set = (changes: object) =>
  bench.change(withFabric(piece.value, bench.hand.value, { ...fabric.value!, ...changes } as never));

async function put(text: string) {
  const { rows } = await bench.saving.during(api.readRows(text));
  if (written(rows) !== short.value) void set({ rows });
}
</script>

<template>
  <div v-if="fabric" class="flex-fill">
    <p class="mb-1">
      <template v-if="told?.begun.kind === 'wire'"
        >It begins round a ring of wire, the first round into the ring,</template
      ><template v-else-if="edge"
        >It begins at
        <LiveCount :path="bench.path('fabric/begin/count')" label="Places it begins at" /> places,</template
      ><template v-else
        >It begins with <LiveCount :path="bench.path('fabric/begin/count')" label="Chains at the beginning" /> chains in
        <LiveChoice
          :value="fabric.begin.kind"
          :options="BEGIN"
          label="How it begins"
          @change="(kind) => set({ begin: { ...fabric!.begin, kind } })"
        /> </template
      >{{ " " }}
      <LiveChoice
        :value="fabric.rounds ?? 'rows'"
        :options="WAYS"
        label="How rows go on"
        @change="(rounds) => set({ rounds })"
      />.
    </p>
    <ShortRows :short="short" :put="put" :standing="wrong" label="The rows in short">
      12s is 12 singles, one into each place; s2 two into one, s/2 one over two; c chain, l slip stitch, h half double,
      d double, t treble, p picot, - passes one over; (2s s2)6 six times; x4 at the end: four rows alike.
    </ShortRows>
  </div>
</template>
