<script setup lang="ts">
import { computed, ref } from "vue";
import { useBench } from "../bench/useBench";
import { worn } from "../bench/pins";
import type { Piece } from "../generated/piece";
import FinePrint, { type Topic } from "./FinePrint.vue";
import { baseIndexes, fromMiddle, section, weavingIndexes } from "../bench/weave";
import BaseCount from "./BaseCount.vue";
import LiveChoice from "./LiveChoice.vue";
import LiveCount from "./LiveCount.vue";
import LiveSize from "./LiveSize.vue";
import LiveWire from "./LiveWire.vue";
import PatternWords from "./PatternWords.vue";
import RingEnds from "./RingEnds.vue";
import PinnedValue from "./PinnedValue.vue";
import WeaveCollection from "../weaves/WeaveCollection.vue";

/** The piece as a sentence in the maker's words, every value in it alive. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const topic = ref<Topic | "weaves" | null>(null);
const unfold = (next: Topic | "weaves") => (topic.value = topic.value === next ? null : next);

const KINDS = [
  { key: "cuff", name: "cuff" },
  { key: "bracelet", name: "closed bracelet" },
  { key: "ring", name: "ring" },
];
const closedBy = computed(
  () => (piece.value.findings ?? []).find((one) => ["clasp", "toggle"].includes(one.kind))?.kind ?? "hook and loop",
);
const OPENINGS = [
  { key: "length", name: "along the curve" },
  { key: "share", name: "of the wrist" },
];

const CLOSINGS = [
  { key: "beside", name: "side by side" },
  { key: "over", name: "one over the other" },
  { key: "open", name: "apart" },
];

/** Another kind of body brings its own endings and measure; ease and wires stay. */
function takeKind(kind: string) {
  const start = bench.catalogue.value!.starts[kind as Piece["body"]["kind"]];
  const wires = fromMiddle(section(piece.value).base);
  const endings = start.endings.map((ending) => ({ ...ending, wires }));
  const body =
    "ease" in piece.value.body && "ease" in start.body ? { ...start.body, ease: piece.value.body.ease } : start.body;
  const [own] = worn(start) === worn(piece.value) ? [] : start.pins;
  const pins = own
    ? [own, ...piece.value.pins.filter(({ quantity }) => quantity !== worn(piece.value))]
    : piece.value.pins;
  void bench.change({
    ...piece.value,
    body,
    endings,
    findings: kind === "bracelet" ? piece.value.findings : [],
    pins: pins.map((pin, i) => ({ ...pin, id: `p${i + 1}` })),
  } as Piece);
}

function takeOpening(kind: string) {
  const body = piece.value.body as Extract<Piece["body"], { kind: "cuff" }>;
  const { opening_mm, wrist_mm } = bench.answer.value!.plan.fit!;
  const share = Number((opening_mm / (wrist_mm ?? 170)).toFixed(3));
  const opening = kind === "share" ? { kind, share } : { kind, length: { typed: `${Math.round(opening_mm)} mm` } };
  void bench.change({ ...piece.value, body: { ...body, opening } as Piece["body"] });
}

const eases = computed(() => {
  const words = bench.catalogue.value!.eases.map(({ name, mm }) => ({ key: String(mm), name }));
  return easeKey.value === "own" ? [...words, { key: "own", name: "loose by" }] : words;
});
const easeKey = computed(() => {
  const mm = bench.read("/body/ease")?.mm;
  return bench.catalogue.value!.eases.some((ease) => ease.mm === mm) ? String(mm) : "own";
});
const bases = computed(() => baseIndexes(piece.value));
const weavings = computed(() => weavingIndexes(piece.value));
/** All base wires of one kind are said once; two that differ are both in the sentence, more of them in the fine print. */
const alike = computed(() => {
  const kinds = bases.value.map((index) => piece.value.wires[index]!);
  return new Set(kinds.map((wire) => [wire.size.typed, wire.metal, wire.temper].join("|"))).size === 1;
});
const apart = ref(false);
const opening = computed(() => (piece.value.body.kind === "cuff" ? piece.value.body.opening.kind : null));
</script>

<template>
  <section class="brief" aria-label="The brief">
    <p class="sentence">
      A
      <LiveChoice :value="piece.body.kind" :options="KINDS" label="Kind of piece" @change="takeKind" />{{ " " }}
      <template v-if="piece.body.kind === 'ring'">
        for a <PinnedValue quantity="finger" label="Finger measured" :by="1" /> finger, its ends
        <LiveChoice
          :value="piece.body.closing.kind"
          :options="CLOSINGS"
          label="How the ends of the ring meet"
          @change="(kind) => bench.edit('/body/closing/kind', kind)"
        />
        by <LiveSize path="/body/closing/length" label="How far the ends lie so" :by="0.5" />, <RingEnds />,
      </template>
      <template v-else
        >for a <PinnedValue quantity="wrist" label="Wrist measured" :by="1" /> wrist,
        <LiveChoice
          :value="easeKey"
          :options="eases"
          label="How loose"
          @change="(mm) => bench.edit('/body/ease', { typed: `${mm} mm` })"
        />
        <LiveSize path="/body/ease" label="Ease over the wrist" />,
      </template>
      <template v-if="opening">
        open
        <LiveSize v-if="opening === 'length'" path="/body/opening/length" label="Opening" />
        <template v-else><LiveCount path="/body/opening/share" label="Opening in percent" percent /> %</template>
        {{ " "
        }}<LiveChoice :value="opening" :options="OPENINGS" label="How the opening is measured" @change="takeOpening" />,
      </template>
      <template v-else-if="piece.body.kind === 'bracelet'">
        closed by a
        <button type="button" class="unfold" :aria-expanded="topic === 'endings'" @click="unfold('endings')">
          {{ closedBy }}</button>,
      </template>
      with <LiveSize path="/sections/0/bare" label="Bare at each end" /> bare at each end. <BaseCount />{{ " " }}
      <button type="button" class="unfold" :aria-expanded="topic === 'base'" @click="unfold('base')">
        {{ alike || bases.length < 3 ? "" : "different " }}base {{ bases.length === 1 ? "wire" : "wires" }}
      </button>
      <template v-if="alike && !apart">
        of <LiveWire :indexes="bases" name="Base wires" /><template v-if="bases.length === 2">
          (<button type="button" class="unfold plain" @click="apart = true">alike</button>)</template
        >,
      </template>
      <template v-else-if="bases.length === 2">
        of <LiveWire :indexes="[bases[0]!]" name="Near base wire" /> near and
        <LiveWire :indexes="[bases[1]!]" name="Far base wire" /> far,
      </template>
      <button type="button" class="unfold" :aria-expanded="topic === 'weaving'" @click="unfold('weaving')">
        bound
      </button>
      with <LiveWire :indexes="[weavings[0]!]" name="Weaving wire" />
      <template v-if="weavings.length === 2">
        and <LiveWire :indexes="[weavings[1]!]" name="Second weaving wire" />
      </template>
      in <PatternWords @look="unfold('weaves')" />
      <button type="button" class="unfold" :aria-expanded="topic === 'coils'" @click="unfold('coils')">
        starting and ending</button
      ><template v-if="section(piece).pattern.kind === 'coils'"> on single coils</template>.
    </p>
    <FinePrint v-if="topic && topic !== 'weaves'" :topic="topic" @fold="topic = null" />
    <WeaveCollection v-if="topic === 'weaves'" @fold="topic = null" />
  </section>
</template>
