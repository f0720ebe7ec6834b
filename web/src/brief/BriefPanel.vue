<script setup lang="ts">
import { computed, ref } from "vue";
import { useBench } from "../bench/useBench";
import type { Piece } from "../generated/piece";
import FinePrint, { type Topic } from "./FinePrint.vue";
import LiveChoice from "./LiveChoice.vue";
import LiveCount from "./LiveCount.vue";
import LiveSize from "./LiveSize.vue";
import LiveWire from "./LiveWire.vue";
import PinnedValue from "./PinnedValue.vue";

/** The piece as a sentence in the maker's words, every value in it alive. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const topic = ref<Topic | null>(null);
const unfold = (next: Topic) => (topic.value = topic.value === next ? null : next);

const KINDS = [
  { key: "cuff", name: "cuff" },
  { key: "bracelet", name: "closed bracelet" },
];
const OPENINGS = [
  { key: "length", name: "along the curve" },
  { key: "share", name: "of the wrist" },
];

/** Another kind of body brings its own endings; ease and wires stay. */
function takeKind(kind: string) {
  const start = bench.catalogue.value!.starts[kind as "cuff" | "bracelet"];
  const { ease } = piece.value.body;
  const wires = piece.value.sections[0]!.base;
  const endings = start.endings.map((ending) => ({ ...ending, wires }));
  void bench.change({ ...piece.value, body: { ...start.body, ease }, endings } as Piece);
}

function takeOpening(kind: string) {
  const body = piece.value.body as Extract<Piece["body"], { kind: "cuff" }>;
  const { opening_mm, wrist_mm } = bench.answer.value!.plan.fit;
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
const alike = computed(() => {
  const [first, second] = piece.value.wires;
  return first!.size.typed === second!.size.typed && first!.metal === second!.metal && first!.temper === second!.temper;
});
const apart = ref(false);
const opening = computed(() => (piece.value.body.kind === "cuff" ? piece.value.body.opening.kind : null));
</script>

<template>
  <section class="brief" aria-label="The brief">
    <p class="sentence">
      A
      <LiveChoice :value="piece.body.kind" :options="KINDS" label="Kind of piece" @change="takeKind" />
      for a <PinnedValue quantity="wrist" label="Wrist measured" :by="1" /> wrist,
      <LiveChoice
        :value="easeKey"
        :options="eases"
        label="How loose"
        @change="(mm) => bench.edit('/body/ease', { typed: `${mm} mm` })"
      />
      <LiveSize path="/body/ease" label="Ease over the wrist" />,
      <template v-if="opening">
        open
        <LiveSize v-if="opening === 'length'" path="/body/opening/length" label="Opening" />
        <template v-else><LiveCount path="/body/opening/share" label="Opening in percent" percent /> %</template>
        {{ " "
        }}<LiveChoice :value="opening" :options="OPENINGS" label="How the opening is measured" @change="takeOpening" />,
      </template>
      <template v-else>
        closed by a
        <button type="button" class="unfold" :aria-expanded="topic === 'endings'" @click="unfold('endings')">
          hook and loop</button
        >,
      </template>
      with <LiveSize path="/sections/0/bare" label="Bare at each end" /> bare at each end.
      <template v-if="alike && !apart">
        Two <LiveWire :index="0" :twin="1" name="Base wires" />
        <button type="button" class="unfold" :aria-expanded="topic === 'base'" @click="unfold('base')">
          base wires
        </button>
        (<button type="button" class="unfold plain" @click="apart = true">alike</button>)
      </template>
      <template v-else>
        Base wires
        <button type="button" class="unfold" :aria-expanded="topic === 'base'" @click="unfold('base')">
          near and far</button
        >: <LiveWire :index="0" name="Near base wire" /> and <LiveWire :index="1" name="Far base wire" />,
      </template>
      <button type="button" class="unfold" :aria-expanded="topic === 'weaving'" @click="unfold('weaving')">
        bound
      </button>
      with <LiveWire :index="2" name="Weaving wire" />,
      <LiveCount path="/sections/0/pattern/single" label="Coils on the near wire" /> round one and
      <LiveCount path="/sections/0/pattern/both" label="Wraps round both" /> round both,
      <button type="button" class="unfold" :aria-expanded="topic === 'coils'" @click="unfold('coils')">
        starting and ending
      </button>
      on single coils.
    </p>
    <FinePrint v-if="topic" :topic="topic" @fold="topic = null" />
  </section>
</template>
