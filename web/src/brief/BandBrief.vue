<script setup lang="ts">
import { computed, ref } from "vue";
import { useBench } from "../bench/useBench";
import { worn } from "../bench/pins";
import type { Piece } from "../generated/piece";
import FinePrint, { type Topic } from "./FinePrint.vue";
import { withEnds, withoutEnds } from "../document/change";
import { alike } from "../document/kinds";
import { baseOf, wireOf, workingOf } from "../document/routes";
import { fromMiddle, section, strandsOf } from "../bench/weave";
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

/** Another kind of piece brings its own endings and measure; ease and wires stay. */
function takeKind(next: string) {
  const now = piece.value;
  const start = bench.catalogue.value!.starts[next as Piece["kind"]];
  const ease = now.worn && "ease" in now.worn ? { ease: now.worn.ease } : {};
  const kept = start.worn && "ease" in start.worn ? { ...start.worn, ...ease } : start.worn;
  const [own] = worn(start) === worn(now) ? [] : start.pins;
  const pins = own ? [own, ...now.pins.filter(({ quantity }) => quantity !== worn(now))] : now.pins;
  const changed = {
    ...now,
    kind: start.kind,
    worn: kept,
    endings: start.endings,
    findings: next === "bracelet" ? now.findings : [],
    pins: pins.map((pin, i) => ({ ...pin, id: `p${i + 1}` })),
  } as Piece;
  const bent = (["start", "end"] as const).reduce((one, of, i) => {
    const order = fromMiddle(bases.value.map((id) => ({ wire: wireOf(one, id), of })));
    return withEnds(one, start.endings[i]!.id, order);
  }, withoutEnds(changed));
  void bench.change(bent);
}

function takeOpening(kind: string) {
  const { opening_mm, wrist_mm } = bench.answer.value!.plan.fit!;
  const share = Number((opening_mm / (wrist_mm ?? 170)).toFixed(3));
  const opening = kind === "share" ? { kind, share } : { kind, length: { typed: `${Math.round(opening_mm)} mm` } };
  void bench.change({ ...piece.value, worn: { ...piece.value.worn, opening } as Piece["worn"] });
}

const eases = computed(() => {
  const words = bench.catalogue.value!.eases.map(({ name, mm }) => ({ key: String(mm), name }));
  return easeKey.value === "own" ? [...words, { key: "own", name: "loose by" }] : words;
});
const easeKey = computed(() => {
  const mm = bench.read("/worn/ease")?.mm;
  return bench.catalogue.value!.eases.some((ease) => ease.mm === mm) ? String(mm) : "own";
});
const bases = computed(() => baseOf(piece.value, bench.hand.value));
const weavings = computed(() => workingOf(piece.value, bench.hand.value));
/** Two that are laid as one of a kind are said once. */
const weaving = computed(() =>
  strandsOf(piece.value, bench.hand.value) === "doubled" ? weavings.value.slice(0, 1) : weavings.value,
);
/** All base wires of one kind are said once; two that differ are both in the sentence, more of them in the fine print. */
const allAlike = computed(() => alike(piece.value, bases.value));
const apart = ref(false);
const ring = computed(() => (piece.value.worn?.on === "finger" ? piece.value.worn : null));
const opening = computed(() => (piece.value.worn?.on === "wrist" ? piece.value.worn.opening?.kind : null));
</script>

<template>
  <section class="brief" aria-label="The brief">
    <p class="sentence">
      A
      <LiveChoice :value="piece.kind" :options="KINDS" label="Kind of piece" @change="takeKind" />{{ " " }}
      <template v-if="ring">
        for a <PinnedValue quantity="finger" label="Finger measured" :by="1" /> finger, its ends
        <LiveChoice
          :value="ring.closing.kind"
          :options="CLOSINGS"
          label="How the ends of the ring meet"
          @change="(kind) => bench.edit('/worn/closing/kind', kind)"
        />
        by <LiveSize path="/worn/closing/length" label="How far the ends lie so" :by="0.5" />, <RingEnds />,
      </template>
      <template v-else
        >for a <PinnedValue quantity="wrist" label="Wrist measured" :by="1" /> wrist,
        <LiveChoice
          :value="easeKey"
          :options="eases"
          label="How loose"
          @change="(mm) => bench.edit('/worn/ease', { typed: `${mm} mm` })"
        />
        <LiveSize path="/worn/ease" label="Ease over the wrist" />,
      </template>
      <template v-if="opening">
        open
        <LiveSize v-if="opening === 'length'" path="/worn/opening/length" label="Opening" />
        <template v-else><LiveCount path="/worn/opening/share" label="Opening in percent" percent /> %</template>
        {{ " "
        }}<LiveChoice :value="opening" :options="OPENINGS" label="How the opening is measured" @change="takeOpening" />,
      </template>
      <template v-else-if="piece.kind === 'bracelet'">
        closed by a
        <button type="button" class="unfold" :aria-expanded="topic === 'endings'" @click="unfold('endings')">
          {{ closedBy }}</button>,
      </template>
      with <LiveSize path="/sections/0/bare/length" label="Bare at each end" /> bare at each end. <BaseCount />{{ " " }}
      <button type="button" class="unfold" :aria-expanded="topic === 'base'" @click="unfold('base')">
        {{ allAlike || bases.length < 3 ? "" : "different " }}base {{ bases.length === 1 ? "wire" : "wires" }}
      </button>
      <template v-if="allAlike && !apart">
        of <LiveWire :wires="bases" name="Base wires" /><template v-if="bases.length === 2">
          (<button type="button" class="unfold plain" @click="apart = true">alike</button>)</template
        >,
      </template>
      <template v-else-if="bases.length === 2">
        of <LiveWire :wires="[bases[0]!]" name="Near base wire" /> near and
        <LiveWire :wires="[bases[1]!]" name="Far base wire" /> far,
      </template>
      <button type="button" class="unfold" :aria-expanded="topic === 'weaving'" @click="unfold('weaving')">
        bound
      </button>
      with <LiveWire :wires="[weaving[0]!]" name="Weaving wire" />
      <template v-if="weaving.length === 2">
        and <LiveWire :wires="[weaving[1]!]" name="Second weaving wire" />
      </template>
      in <PatternWords @look="unfold('weaves')" />
      <button type="button" class="unfold" :aria-expanded="topic === 'coils'" @click="unfold('coils')">
        starting and ending</button
      ><template v-if="section(piece, bench.hand.value).pattern.kind === 'coils'"> on single coils</template>.
    </p>
    <FinePrint v-if="topic && topic !== 'weaves'" :topic="topic" @fold="topic = null" />
    <WeaveCollection v-if="topic === 'weaves'" @fold="topic = null" />
  </section>
</template>
