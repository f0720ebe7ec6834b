<script setup lang="ts">
import { computed } from "vue";
import type { Plan } from "../generated/plan";
import { useFormat } from "../units/format";

/** Every base wire to cut as a bar to scale, with its parts and the marks to measure from the tail end. */
const props = defineProps<{ plan: Plan }>();
const format = useFormat();

const NAMES = { tail: "tail", bare: "bare", woven: "woven", trim: "trim" } as const;
const longest = computed(() => Math.max(...props.plan.base.map((bar) => bar.total_mm)));
const share = (mm: number) => `${(100 * mm) / longest.value}%`;

function partName(kind: Plan["base"][number]["parts"][number]["kind"]) {
  if (kind === "start_ending") return props.plan.endings.start!.split(",")[0]!;
  return kind === "end_ending" ? props.plan.endings.end!.split(",")[0]! : NAMES[kind];
}
/** Wires that are cut and marked alike are shown as one bar. */
const bars = computed(() => {
  const groups = Map.groupBy(props.plan.base, (bar) => JSON.stringify([bar.words, bar.cut_away, bar.parts]));
  return [...groups.values()].map((alike) => ({ ...alike[0]!, count: alike.length, place: placesOf(alike) }));
});
function placesOf(alike: Plan["base"]): string {
  if (alike.length === 1) return alike[0]!.place;
  if (alike.length === props.plan.base.length) return alike.length === 2 ? "near and far" : "all alike";
  return `wires ${alike.map((bar) => bar.place.replace("wire ", "")).join(", ")}`;
}
/** Marks that all lie within this share of the longest bar stand in two rows. */
const CLOSE = 0.55;
const marks = (bar: Plan["base"][number]) => [
  { name: "start", mm: bar.start_mark_mm },
  { name: "middle", mm: bar.middle_mark_mm },
  { name: "stop", mm: bar.end_mark_mm },
];
</script>

<template>
  <article v-for="(bar, index) in bars" :key="bar.wire" class="cut" :aria-label="`Base wire ${index + 1}`">
    <div class="cut-number">
      <strong class="figures"
        ><small v-if="bar.count > 1" class="times">{{ bar.count }} × </small>{{ format.cut(bar.cut_mm) }}</strong
      >
      <span>{{ bar.place }} · {{ bar.words }}<template v-if="bar.cut_away">, cut away after weaving</template></span>
    </div>
    <div class="bar-frame">
      <div class="bar" :style="{ width: share(bar.total_mm) }">
        <span
          v-for="(part, i) in bar.parts"
          :key="i"
          class="part"
          :class="`part-${part.kind}`"
          :style="{ flexGrow: part.mm, '--wire': bar.colour, '--weave': plan.weaving.strands[0]!.colour }"
          :title="`${partName(part.kind)} ${format.length(part.mm)}`"
        />
      </div>
      <div class="marks figures" :class="{ close: bar.end_mark_mm - bar.start_mark_mm < longest * CLOSE }">
        <span v-for="mark in marks(bar)" :key="mark.name" class="bar-mark" :style="{ left: share(mark.mm) }">
          <b>{{ format.length(mark.mm) }}</b> {{ mark.name }}
        </span>
      </div>
      <p class="parts figures">
        <template v-for="(part, i) in bar.parts" :key="i">
          <span v-if="part.mm > 0.05"
            >{{ partName(part.kind) }} <b>{{ format.length(part.mm) }}</b></span
          >
        </template>
      </p>
    </div>
  </article>
</template>
