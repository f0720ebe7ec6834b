<script setup lang="ts">
import { computed } from "vue";
import LiveChoice from "../brief/LiveChoice.vue";
import LiveSize from "../brief/LiveSize.vue";
import { useBench } from "../bench/useBench";
import { pinIndex, withPin } from "../bench/pins";
import type { Piece } from "../generated/piece";
import { useFormat } from "../units/format";
import { rowsOf, withLacing, withSectionAdded } from "./document";
import EndingLines from "./EndingLines.vue";
import LaceSentence from "./LaceSentence.vue";
import SectionSentence from "./SectionSentence.vue";

/** A piece put together from sections: what it is, a sentence for each section, and how its wires end. */
defineProps<{ current: string }>();
const emit = defineEmits<{ choose: [id: string] }>();
const bench = useBench();
const format = useFormat();
const piece = computed(() => bench.draft.value!);
const neck = computed(() => (piece.value.worn?.on === "neck" ? piece.value.worn : null));
const MOST_SECTIONS = 24;

const KINDS = [
  { key: "links", name: "bracelet of links" },
  { key: "earring", name: "earring" },
  { key: "pendant", name: "pendant" },
  { key: "component", name: "component" },
];
function takeKind(kind: string) {
  const start = bench.catalogue.value!.starts[kind as Piece["kind"]];
  void bench.change({ ...piece.value, kind: start.kind, worn: start.worn, pair: start.pair, pins: start.pins });
}
const PAIR = [
  { key: "pair", name: "as a mirrored pair" },
  { key: "one", name: "a single one" },
];
const wrist = computed(() => pinIndex(piece.value, "wrist"));
const front = computed(() => bench.answer.value?.plan.front);
const wearing = computed(() => bench.answer.value?.plan.fit);
const chain = computed(() =>
  piece.value.sections.findIndex((one) => one.craft === "weave" && one.form?.kind === "waists"),
);
const frames = computed(() => {
  const found = piece.value.sections[chain.value];
  return found?.craft === "weave" && found.form?.kind === "waists" ? found.form.frames : null;
});
function add(craft: "weave" | "bend") {
  const next = withSectionAdded(piece.value, craft, bench.catalogue.value!.starts);
  void bench.change(next).then(() => emit("choose", next.sections.at(-1)!.id));
}
</script>

<template>
  <section class="brief sections-brief" aria-label="The brief">
    <p class="sentence">
      {{ piece.kind === "earring" ? "An" : "A" }}
      <LiveChoice :value="piece.kind" :options="KINDS" label="Kind of piece" @change="takeKind" />
      <template v-if="piece.kind === 'earring'"
        >,
        <LiveChoice
          :value="piece.pair ? 'pair' : 'one'"
          :options="PAIR"
          label="Pair or single"
          @change="(key) => bench.edit('/pair', key === 'pair')"
      /></template>
      <template v-else-if="neck">
        for a chain <LiveSize path="/worn/chain" label="Widest part of the chain" :by="0.5" /> at its widest<template
          v-if="neck.neck"
          >, the front of a necklace <LiveSize path="/worn/neck" label="Necklace round the neck" :by="10" /> round
          <button type="button" class="unfold plain" @click="bench.edit('/worn/neck', null)">
            no necklace
          </button></template
        ><template v-else
          >,
          <button type="button" class="unfold plain" @click="bench.edit('/worn/neck', { typed: '450 mm' })">
            the front of a necklace
          </button></template
        ></template
      >
      <template v-else-if="piece.kind === 'links'">
        for a
        <LiveSize v-if="wrist >= 0" :path="`/pins/${wrist}/length`" label="Wrist measured" />
        <button v-else type="button" class="unfold plain" @click="bench.change(withPin(piece, 'wrist', '170 mm'))">
          wrist to be measured
        </button>
        wrist, <LiveSize path="/worn/ease" label="Ease over the wrist" /> loose</template
      >, of {{ piece.sections.length }} {{ piece.sections.length === 1 ? "section" : "sections" }}:
    </p>
    <p v-if="wearing" class="reached figures">
      It reaches {{ format.length(wearing.strip_mm) }}; {{ format.length(wearing.wanted_mm) }} is asked for ({{
        format.signed(wearing.off_mm, ["short", "over"])
      }}).
      <button
        v-if="wearing.frames !== null && frames !== null && wearing.frames !== frames"
        type="button"
        class="quiet-act"
        @click="bench.edit(`/sections/${chain}/form/frames`, wearing.frames)"
      >
        Take {{ wearing.frames }} frames
      </button>
    </p>
    <p v-if="front" class="reached figures">
      Its front runs {{ format.length(front.curve_mm) }} along, {{ format.length(front.chord_mm) }} straight across, and
      drops {{ format.length(front.drop_mm) }}; each side takes {{ format.length(front.chain_mm) }} of chain, clasp and
      all.
    </p>
    <ol class="section-lines">
      <template v-for="(section, index) in piece.sections" :key="section.id">
        <LaceSentence v-if="section.craft === 'lace'" :index="index" />
        <SectionSentence v-else :index="index" :current="section.id === current" @choose="emit('choose', section.id)" />
      </template>
    </ol>
    <EndingLines />
    <div v-if="piece.sections.length < MOST_SECTIONS" class="section-add">
      <button type="button" class="act" @click="add('weave')">Add a woven section</button>
      <button type="button" class="act" @click="add('bend')">Add a bent wire</button>
      <button
        v-if="rowsOf(piece, piece.sections.length).length > 1"
        type="button"
        class="act"
        @click="bench.change(withLacing(piece, bench.catalogue.value!.starts))"
      >
        Lace two together
      </button>
    </div>
  </section>
</template>
