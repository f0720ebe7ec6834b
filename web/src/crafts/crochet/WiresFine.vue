<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../../bench/useBench";
import LiveChoice from "../../brief/LiveChoice.vue";
import LiveCount from "../../brief/LiveCount.vue";
import LiveSize from "../../brief/LiveSize.vue";
import { crochet, heldOf, mayEdge, withCrochet } from "./crochet";

/** What its wires do: held together or in turn, how it begins and ends, what is left for that. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const now = computed(() => crochet(piece.value, bench.hand.value));
const several = computed(() => heldOf(piece.value, bench.hand.value) > 1 && now.value.fabric.kind !== "cord");
const after = computed(() => now.value.at?.kind === "after" && mayEdge(now.value.fabric));
const onward = computed(() =>
  piece.value.sections.some((one) => "at" in one && one.at?.kind === "after" && one.at.section === bench.hand.value),
);
const set = (changes: object) => bench.change(withCrochet(piece.value, bench.hand.value, changes));
const TURNS = [
  { key: "held", name: "held together" },
  { key: "turns", name: "taken in turn" },
];
const BEGUN = [
  { key: "chain", name: "on chains of its own" },
  { key: "edge", name: "in the edge of the section it stands on" },
];
const ENDED = [
  { key: "off", name: "is fastened off" },
  { key: "joined", name: "is joined to the section that follows" },
];
</script>

<template>
  <p class="flex-fill mb-0">
    <template v-if="several"
      >The wires are
      <LiveChoice
        :value="now.turns ? 'turns' : 'held'"
        :options="TURNS"
        label="What the wires do"
        @change="(key) => set({ turns: key === 'turns' ? 2 : null })"
      /><template v-if="now.turns"
        >, another one every <LiveCount :path="bench.path('turns')" label="Rows of each wire" /> rows</template
      >.
    </template>
    <template v-if="after || (now.begun === 'edge' && now.at?.kind !== 'rim')"
      >It begins
      <LiveChoice
        :value="now.begun ?? 'chain'"
        :options="BEGUN"
        label="How it begins"
        @change="(begun) => set({ begun })"
      />.
    </template>
    <template v-if="onward || now.ended === 'joined'"
      >Its last row
      <LiveChoice
        :value="now.ended ?? 'off'"
        :options="ENDED"
        label="How it ends"
        @change="(ended) => set({ ended })"
      />.
    </template>
    An end that nothing is made of keeps a tail of <LiveSize :path="bench.path('tail')" label="Tail" :by="10" />; of
    wire <LiveCount :path="bench.path('margin')" label="Margin in percent" percent /> % more is reckoned.
  </p>
</template>
