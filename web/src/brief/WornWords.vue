<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import type { Piece } from "../generated/piece";
import { useFormat } from "../units/format";
import LiveChoice from "./LiveChoice.vue";
import LiveCount from "./LiveCount.vue";
import LiveSize from "./LiveSize.vue";
import PinnedValue from "./PinnedValue.vue";
import RingEnds from "./RingEnds.vue";

/** What a piece is worn on and how, as it is said in its sentence. */
const bench = useBench();
const format = useFormat();
const piece = computed(() => bench.draft.value!);
const worn = computed(() => piece.value.worn);
const told = computed(() => bench.answer.value!.plan.worn);

const CLOSINGS = [
  { key: "beside", name: "side by side" },
  { key: "over", name: "one over the other" },
  { key: "open", name: "apart" },
];
const OPENINGS = [
  { key: "length", name: "along the curve" },
  { key: "share", name: "of the wrist" },
];
const PAIR = [
  { key: "pair", name: "as a mirrored pair" },
  { key: "one", name: "a single one" },
];

const easeKey = computed(() => {
  const mm = bench.read("/worn/ease")?.mm;
  return bench.catalogue.value!.eases.some((ease) => ease.mm === mm) ? String(mm) : "own";
});
const eases = computed(() => {
  const words = bench.catalogue.value!.eases.map(({ name, mm }) => ({ key: String(mm), name }));
  return easeKey.value === "own" ? [...words, { key: "own", name: "loose by" }] : words;
});
const opening = computed(() => (worn.value?.on === "wrist" ? worn.value.opening?.kind : null));

function takeOpening(kind: string) {
  const opening_mm = told.value?.opening_mm ?? 0;
  const share = Number((opening_mm / (told.value?.wrist_mm ?? 170)).toFixed(3));
  const opening = kind === "share" ? { kind, share } : { kind, length: { typed: format.length(opening_mm) } };
  void bench.change({ ...piece.value, worn: { ...worn.value, opening } as Piece["worn"] });
}
</script>

<template>
  <template v-if="worn?.on === 'finger'">
    {{ " " }}for a <PinnedValue quantity="finger" label="Finger measured" :by="1" /> finger, its ends
    <LiveChoice
      :value="worn.closing.kind"
      :options="CLOSINGS"
      label="How the ends of the ring meet"
      @change="(kind) => bench.edit('/worn/closing/kind', kind)"
    />
    by <LiveSize path="/worn/closing/length" label="How far the ends lie so" :by="0.5" />, <RingEnds />
  </template>
  <template v-else-if="worn?.on === 'wrist'">
    {{ " " }}for a <PinnedValue quantity="wrist" label="Wrist measured" :by="1" /> wrist,
    <LiveChoice
      :value="easeKey"
      :options="eases"
      label="How loose"
      @change="(mm) => bench.edit('/worn/ease', { typed: `${mm} mm` })"
    />
    {{ " " }}<LiveSize path="/worn/ease" label="Ease over the wrist" /><template v-if="opening"
      >, open
      <LiveSize v-if="opening === 'length'" path="/worn/opening/length" label="Opening" />
      <template v-else><LiveCount path="/worn/opening/share" label="Opening in percent" percent /> %</template>
      {{ " "
      }}<LiveChoice :value="opening" :options="OPENINGS" label="How the opening is measured" @change="takeOpening"
    /></template>
  </template>
  <template v-else-if="worn?.on === 'neck'">
    {{ " " }}for a chain <LiveSize path="/worn/chain" label="Widest part of the chain" :by="0.5" /> at its
    widest<template v-if="worn.neck"
      >, the front of a necklace <LiveSize path="/worn/neck" label="Necklace round the neck" :by="10" /> round
      <button type="button" class="unfold plain" @click="bench.edit('/worn/neck', null)">no necklace</button></template
    ><template v-else
      >,
      <button type="button" class="unfold plain" @click="bench.edit('/worn/neck', { typed: '450 mm' })">
        the front of a necklace
      </button></template
    >
  </template>
  <template v-else-if="worn?.on === 'ear'"
    >,
    <LiveChoice
      :value="piece.pair ? 'pair' : 'one'"
      :options="PAIR"
      label="Pair or single"
      @change="(key) => bench.edit('/pair', key === 'pair')"
  /></template>
</template>
