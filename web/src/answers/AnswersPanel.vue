<script setup lang="ts">
import { computed } from "vue";
import {
  answered,
  isHeld,
  isPinned as held,
  quantities,
  type Quantity,
  spare,
  workedOf,
  withoutPin,
  withPin,
} from "../bench/pins";
import { useBench } from "../bench/useBench";
import NeighbourList from "./NeighbourList.vue";
import { movesWords, workWords } from "./moves";
import { OTHERS, ROWS } from "./rows";
import { pitchWords } from "./pitches";
import { useWas } from "../common/useWas";
import { asPushed } from "./pushed";
import PaceField from "../settings/PaceField.vue";
import PushField from "../settings/PushField.vue";
import PinnedValue from "../brief/PinnedValue.vue";
import { useSettings } from "../settings/useSettings";
import { useFormat } from "../units/format";

/** What the piece comes to, and the quantities of the section in hand that answer each other: which of them hold, and what one more or fewer would do. */
const bench = useBench();
const settings = useSettings();
const format = useFormat();
const plan = computed(() => bench.answer.value!.plan);
const piece = computed(() => bench.draft.value!);
const worn = computed(() => plan.value.worn);
const found = computed(() => plan.value.sections.find((one) => one.id === bench.hand.value));
const strip = computed(() => bench.strip.value ?? null);
/** What is no strip is counted otherwise, and takes no weaving wire. */
const other = computed(() => bench.braid.value ?? bench.crochet.value ?? bench.knot.value);
const worked = computed(() => workedOf(found.value));

const craft = computed(() => (bench.crochet.value ? "crochet" : bench.knot.value ? "knot" : "braid"));
/** What is bought and no mass is said of. */
const unweighed = computed(() =>
  plan.value.findings
    .filter((one) => one.cut_mm === null && one.mass_g === 0)
    .map((one) => `the ${one.kind.replace(/_/g, " ")}`)
    .join(", "),
);
const rows = computed(() =>
  quantities(piece.value, bench.hand.value)
    .filter((quantity) => quantity in aside.value)
    .map((quantity) => ({
      quantity,
      ...ROWS[quantity],
      ...(other.value && OTHERS[craft.value]![quantity]),
    })),
);
const isPinned = (quantity: Quantity) => held(piece.value, quantity, bench.hand.value);
/** Nothing else would say how far something is woven. */
const lastPin = (quantity: Quantity) =>
  isPinned(quantity) && !isHeld(withoutPin(piece.value, quantity, bench.hand.value));

/** The answer as a value to pin, rounded up where it is a supply. */
function answerTyped(quantity: Quantity): number | string {
  const value =
    answered(plan.value, quantity, bench.answer.value!.document, bench.hand.value) ??
    (quantity === "finger" ? 54 : 170);
  if (quantity === "finger") return `ISO ${value.toFixed(1)}`;
  if (quantity === "repeats" || quantity === "frames") return value;
  if (settings.units === "in") return `${(Math.ceil((value / 25.4) * 100) / 100).toFixed(2)} in`;
  return `${quantity === "wire" ? Math.ceil(value) : Number(value.toFixed(1))} mm`;
}

function toggle(quantity: Quantity) {
  const id = bench.hand.value;
  void bench.change(
    isPinned(quantity)
      ? withoutPin(piece.value, quantity, id)
      : withPin(piece.value, quantity, answerTyped(quantity), id),
  );
}

/** The plan calls whatever the piece goes round a wrist; a pin of another section or wire is not this row's. */
const conflicting = (quantity: Quantity) =>
  plan.value.fit.conflicts.some((conflict) =>
    conflict.pins.some(
      (pin) =>
        pin.quantity === (quantity === "finger" ? "wrist" : quantity) &&
        (pin.of === null || !["repeats", "woven"].includes(pin.quantity) || pin.of === bench.hand.value),
    ),
  );
const pitches = computed(() => pitchWords(bench.answer.value!.document, bench.hand.value, format.length));
/** How far one more reaches; of rounds about a middle, how high each is. */
const oneMore = computed(() => {
  const one = bench.crochet.value;
  const mm = one && one.ruffle !== null ? one.gauge.row_mm : other.value!.woven_mm / other.value!.repeats;
  return mm === null ? "" : `${format.length(mm)} each`;
});
/** What is said beside each, of a section that is woven. */
const aside = computed<Partial<Record<Quantity, string>>>(() => ({
  ...(worn.value && { finger: worn.value.size_words || "fits no finger", wrist: wrist.value }),
  ...(other.value && {
    repeats: oneMore.value,
    woven: reached.value,
  }),
  ...(strip.value && {
    frames: `${format.length(found.value!.length_mm)} each`,
    repeats: pitches.value ?? `${format.length(strip.value.weave.advance_mm)} each`,
    woven: reached.value,
    wire: left.value,
  }),
}));
const wrist = computed(() =>
  worn.value!.wrist_mm === null ? "fits no wrist" : `ease ${format.length(worn.value!.ease_mm)}`,
);
const reached = computed(() => {
  if (isPinned("woven")) return `reaches ${format.length(worked.value!.woven_mm)}`;
  return plan.value.strip && worn.value ? `strip ${format.length(worn.value.strip_mm)}` : "";
});
const left = computed(() => {
  const mm = spare(plan.value, bench.answer.value!.document, bench.hand.value);
  if (mm === null) return "";
  return mm < 0 ? `${format.long(-mm)} short` : `${format.long(mm)} left over`;
});
const pushed = computed(() => asPushed(plan.value.advice, plan.value.sections.length));

const framed = computed(() => isPinned("frames") === false && rows.value.some((row) => row.quantity === "frames"));

const off = computed(() => {
  const { floats, off_mm } = worn.value!;
  if (floats.includes("ease")) return "bare ends and ease have given way";
  if (floats.includes("bare")) return `the bare ends have given way: ${format.length(worked.value?.bare_mm ?? 0)} each`;
  if (Math.abs(off_mm) < 0.05) return "exactly the length asked for";
  return `${format.signed(off_mm, ["shorter", "longer"])} than asked for`;
});
const each = computed(() => (plan.value.pieces === 2 ? " each" : ""));
/** How large it is: a strip across and through, any other piece across and along. */
const facts = computed(() => {
  if (plan.value.strip && strip.value) {
    const { weave, bare_mm } = strip.value;
    return [
      { name: "Width", mm: weave.width_mm },
      { name: "Thickness", mm: weave.thickness_mm },
      { name: "Bare ends", mm: bare_mm },
    ];
  }
  const [wide, long] = plan.value.extent.map(([low, high]) => high! - low!);
  return [
    { name: "Width", mm: wide! },
    { name: "Length", mm: long! },
  ];
});
/** What every figure here was before the last change. */
function reads(quantity: Quantity): string {
  const value = answered(plan.value, quantity, bench.answer.value!.document, bench.hand.value);
  if (value === undefined || value === null) return "";
  if (quantity === "repeats" || quantity === "frames") return String(value);
  return quantity === "wire" ? format.long(value) : format.length(value);
}
const was = useWas(
  () =>
    new Map([
      ...rows.value
        .filter((row) => row.quantity !== "finger" && !isPinned(row.quantity))
        .map((row): [string, string] => [`${bench.hand.value} ${row.name}`, reads(row.quantity)]),
      ...facts.value.map((fact): [string, string] => [fact.name, format.length(fact.mm)]),
      ["mass", format.mass(plan.value.mass.finished_g)],
    ]),
);
const before = (row: { name: string }) => was.value.get(`${bench.hand.value} ${row.name}`);
</script>

<template>
  <section class="panel answers" aria-label="Pins and answers">
    <header class="panel-head d-flex flex-wrap align-items-center gap-2">
      <h2>What holds, what follows</h2>
    </header>
    <div
      v-for="row in rows"
      :key="row.quantity"
      class="answer d-grid align-items-center column-gap-2 border-top"
      :class="{ pinned: isPinned(row.quantity), 'clash bg-danger-subtle': conflicting(row.quantity) }"
    >
      <BButton
        variant="link"
        class="pin p-0"
        :pressed="isPinned(row.quantity)"
        :aria-label="`Pin ${row.name.toLowerCase()}`"
        :disabled="lastPin(row.quantity)"
        :title="
          lastPin(row.quantity) ? 'Something must hold: pin another first' : 'Pinned values hold, the others follow'
        "
        @click="toggle(row.quantity)"
      >
        <svg
          viewBox="0 0 20 20"
          width="22"
          height="22"
          fill="none"
          stroke="currentColor"
          stroke-width="1.4"
          aria-hidden="true"
        >
          <path d="M7 2h6l-1 6 3 3H5l3-3z" />
          <path d="M10 11v7" />
        </svg>
      </BButton>
      <span class="answer-name">{{ row.name }}</span>
      <span
        class="answer-value figures fs-5 text-end"
        :class="[isPinned(row.quantity) ? 'fw-semibold' : 'quiet', { 'changed bg-primary-subtle': before(row) }]"
        ><s v-if="before(row)" class="was quiet text-nowrap small me-1">{{ before(row) }}</s>
        <PinnedValue :key="bench.hand.value" :quantity="row.quantity" :label="row.name" :by="row.by"
      /></span>
      <span class="small quiet text-end figures">{{ aside[row.quantity] }}</span>
    </div>
    <p v-if="worn && plan.fit.found.length" class="reached border-top pt-2 fw-semibold figures">{{ off }}.</p>
    <NeighbourList :framed="framed" />
    <p class="reached border-top pt-2 fw-semibold">
      {{ movesWords(plan.work) }}{{ each }}, about {{ format.time(plan.work.minutes * plan.pieces) }} of
      {{ workWords(plan.work) }} at
      <PaceField
        :of="plan.work.wraps ? 'wraps' : plan.work.crossings ? 'crossings' : 'moves'"
        @said="bench.replan"
      /><template v-if="plan.work.wraps">, </template><PushField v-if="plan.work.wraps" @said="bench.replan" /><template
        v-if="pushed"
        >: {{ pushed }}</template
      >.
    </p>
    <dl class="facts d-flex flex-wrap column-gap-4 row-gap-1 border-top pt-2 figures">
      <div>
        <dt>Finished mass{{ plan.pieces === 2 ? ", each" : "" }}</dt>
        <dd :class="{ 'changed bg-primary-subtle': was.has('mass') }">{{ format.mass(plan.mass.finished_g) }}</dd>
        <dd v-if="unweighed" class="small fw-normal quiet">without {{ unweighed }}</dd>
      </div>
      <div v-for="fact in facts" :key="fact.name">
        <dt>{{ fact.name }}</dt>
        <dd :class="{ 'changed bg-primary-subtle': was.has(fact.name) }">{{ format.length(fact.mm) }}</dd>
      </div>
    </dl>
  </section>
</template>
