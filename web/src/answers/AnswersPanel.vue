<script setup lang="ts">
import { computed } from "vue";
import { answered, isPinned as held, pinned, type Quantity, withoutPin, withPin, worn } from "../bench/pins";
import { useBench } from "../bench/useBench";
import { asPushed } from "./pushed";
import PaceField from "../settings/PaceField.vue";
import PushField from "../settings/PushField.vue";
import PinnedValue from "../brief/PinnedValue.vue";
import { useSettings } from "../settings/useSettings";
import { useFormat } from "../units/format";

/** What the piece comes to; where something is found: the quantities that answer each other, which of them hold, and what one repeat more or fewer would do. */
const bench = useBench();
const settings = useSettings();
const format = useFormat();
const plan = computed(() => bench.answer.value!.plan);
/** How it is worn, where the repeats of a section are found by it. */
const fit = computed(() => (plan.value.fit?.free ? plan.value.fit : null));
const strip = computed(() => (plan.value.strip ? plan.value.sections[0]!.strip : null));

const rows = computed((): { quantity: Quantity; name: string; by: number }[] => [
  on.value === "finger" ? { quantity: "finger", name: "Finger", by: 1 } : { quantity: "wrist", name: "Wrist", by: 1 },
  { quantity: "repeats", name: "Repeats", by: 1 },
  { quantity: "woven", name: "Woven length", by: 1 },
  { quantity: "wire", name: "Weaving wire to hand", by: 50 },
]);
const on = computed(() => worn(bench.draft.value!));
const isPinned = (quantity: Quantity) => held(bench.draft.value!, quantity);
const lastPin = (quantity: Quantity) => isPinned(quantity) && pinned(bench.draft.value!) === 1;

/** The answer as a value to pin, rounded up where it is a supply. */
function answerTyped(quantity: Quantity): number | string {
  const value = answered(plan.value, quantity) ?? (quantity === "finger" ? 54 : 170);
  if (quantity === "finger") return `ISO ${value.toFixed(1)}`;
  if (quantity === "repeats") return value;
  if (settings.units === "in") return `${(Math.ceil((value / 25.4) * 100) / 100).toFixed(2)} in`;
  return `${quantity === "wire" ? Math.ceil(value) : Number(value.toFixed(1))} mm`;
}

function toggle(quantity: Quantity) {
  const piece = bench.draft.value!;
  void bench.change(isPinned(quantity) ? withoutPin(piece, quantity) : withPin(piece, quantity, answerTyped(quantity)));
}

/** The plan calls whatever the piece goes round a wrist. */
const conflicting = (quantity: Quantity) =>
  fit.value!.conflicts.some((conflict) =>
    conflict.pins.some((pin) => pin === (quantity === "finger" ? "wrist" : quantity)),
  );
const aside = computed<Record<Quantity, string>>(() => ({
  finger: fit.value!.size_words || "fits no finger",
  wrist: fit.value!.wrist_mm === null ? "fits no wrist" : `ease ${format.length(fit.value!.ease_mm)}`,
  repeats: `${format.length(strip.value!.weave.advance_mm)} each`,
  woven: reached.value,
  wire: spare.value,
}));
const reached = computed(() => {
  if (isPinned("woven")) return `reaches ${format.length(strip.value!.woven_mm)}`;
  return `strip ${format.length(fit.value!.strip_mm)}`;
});
const spare = computed(() => {
  const mm = plan.value.spare_mm;
  if (mm === null) return "";
  return mm < 0 ? `${format.long(-mm)} short` : `${format.long(mm)} left over`;
});
const pushed = computed(() => asPushed(plan.value.advice, plan.value.sections.length));
/** Repeats come in pairs where the work goes outwards from the middle. */
const step = computed(() =>
  fit.value!.neighbours.some((one) => Math.abs(one.repeats - strip.value!.repeats) > 1) ? "Two" : "One",
);
const off = computed(() => {
  if (fit.value!.floats.includes("ease")) return "bare ends and ease have given way";
  if (fit.value!.floats.includes("bare"))
    return `the bare ends have given way: ${format.length(strip.value!.bare_mm)} each`;
  if (Math.abs(fit.value!.off_mm) < 0.05) return "exactly the length asked for";
  return `${format.signed(fit.value!.off_mm, ["shorter", "longer"])} than asked for`;
});
const each = computed(() => (plan.value.pieces === 2 ? " each" : ""));
/** How large it is: a strip across and through, any other piece across and along. */
const facts = computed(() => {
  if (strip.value) {
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
</script>

<template>
  <section class="panel answers" :aria-label="fit ? 'Pins and answers' : 'What it comes to'">
    <header class="panel-head">
      <h2>{{ fit ? "What holds, what follows" : "What it comes to" }}</h2>
    </header>
    <template v-if="fit">
      <div
        v-for="row in rows"
        :key="row.quantity"
        class="answer"
        :class="{ pinned: isPinned(row.quantity), clash: conflicting(row.quantity) }"
      >
        <button
          type="button"
          class="pin"
          :aria-pressed="isPinned(row.quantity)"
          :aria-label="`Pin ${row.name.toLowerCase()}`"
          :disabled="lastPin(row.quantity)"
          :title="
            lastPin(row.quantity) ? 'Something must hold: pin another first' : 'Pinned values hold, the others follow'
          "
          @click="toggle(row.quantity)"
        >
          <svg viewBox="0 0 20 20" aria-hidden="true">
            <path d="M7 2h6l-1 6 3 3H5l3-3z" />
            <path d="M10 11v7" />
          </svg>
        </button>
        <span class="answer-name">{{ row.name }}</span>
        <span class="answer-value figures"
          ><PinnedValue :quantity="row.quantity" :label="row.name" :by="row.by"
        /></span>
        <span class="answer-aside figures">{{ aside[row.quantity] }}</span>
      </div>
      <p class="reached figures">{{ off }}.</p>
      <ul class="neighbours figures">
        <li v-for="other in fit.neighbours" :key="other.repeats">
          <button type="button" @click="bench.change(withPin(bench.draft.value!, 'repeats', other.repeats))">
            {{ step }} {{ other.repeats > strip!.repeats ? "more" : "fewer" }}
          </button>
          {{ other.repeats }}: strip {{ format.length(other.strip_mm) }},
          {{ format.signed(other.off_mm, ["short", "over"]) }}, wire
          {{ format.signed(other.weaving_change_mm, ["less", "more"]) }}
        </li>
      </ul>
    </template>
    <p class="reached">
      {{ plan.work.wraps }} wraps{{ each }}, about {{ format.time(plan.work.minutes * plan.pieces) }} of weaving at
      <PaceField @said="bench.replan" />, <PushField @said="bench.replan" /><template v-if="pushed"
        >: {{ pushed }}</template
      >.
    </p>
    <dl class="facts figures">
      <div>
        <dt>Finished mass{{ plan.pieces === 2 ? ", each" : "" }}</dt>
        <dd>{{ format.mass(plan.mass.finished_g) }}</dd>
      </div>
      <div v-for="fact in facts" :key="fact.name">
        <dt>{{ fact.name }}</dt>
        <dd>{{ format.length(fact.mm) }}</dd>
      </div>
    </dl>
  </section>
</template>
