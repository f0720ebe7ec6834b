<script setup lang="ts">
import { computed } from "vue";
import type { Strip } from "../api/client";
import { useBench } from "../bench/useBench";
import { useFormat } from "../units/format";

/** The weaving wire: what to cut, and why it is that much, each reason apart. */
const props = defineProps<{ weaving: Strip["weaving"] }>();
const format = useFormat();

const longest = computed(() => Math.max(...props.weaving.lengths.map((length) => length.cut_mm)));
/** Which wires a length is cut from, said where that changes. */
const wordsOf = (length: Length) =>
  [...new Set(length.strands.map((at) => props.weaving.strands[at]!.words))].join(" and ");
function wordsAt(index: number): string {
  const [here, before] = [props.weaving.lengths[index]!, props.weaving.lengths[index - 1]];
  return before && wordsOf(before) === wordsOf(here) ? "" : wordsOf(here);
}
const halves = computed(() => props.weaving.lengths.some((length) => length.half === 1));
type Length = Strip["weaving"]["lengths"][number];
const joinOf = (length: Length) =>
  props.weaving.joins.find(
    (join) => join.repeat === length.first && join.half === length.half && join.strands[0] === length.strands[0],
  );
const bench = useBench();
const sectionWords = (ids: string[]) => {
  const numbers = ids.map((id) => bench.draft.value!.sections.findIndex((one) => one.id === id) + 1);
  return numbers.length === 1 ? `section ${numbers[0]}` : `sections ${numbers.join(", ")}`;
};
const goesOn = (length: Length) => length.onward.length + length.back.length > 0;
/** The end a length is measured from to where it is begun: of one for both halves that which weaves the first. */
function beginsFrom({ half, onward, back }: Length): string {
  const on = half === null ? onward : back;
  return on.length ? `the end that goes on to ${sectionWords(on)}` : "its first end";
}
const account = computed(() => [
  { name: "path", mm: props.weaving.path_mm },
  ...(props.weaving.led_mm > 0 ? [{ name: "led on to here", mm: props.weaving.led_mm }] : []),
  ...(props.weaving.beads_mm > 0 ? [{ name: "round beads", mm: props.weaving.beads_mm }] : []),
  { name: "slack", mm: props.weaving.slack_mm },
  { name: "tails", mm: props.weaving.tails_mm },
  { name: "waste", mm: props.weaving.waste_mm },
  { name: "margin", mm: props.weaving.margin_mm },
  ...(props.weaving.reserve_mm > 0 ? [{ name: "kept for later", mm: props.weaving.reserve_mm }] : []),
  ...(props.weaving.ended_mm > 0 ? [{ name: "endings", mm: props.weaving.ended_mm }] : []),
]);
</script>

<template>
  <article
    v-for="(length, index) in weaving.lengths"
    :key="index"
    class="cut row gx-3 border-top py-2"
    :aria-label="`Weaving length ${index + 1}`"
  >
    <div class="cut-number col-4 col-xl-3">
      <strong class="figures"
        ><small v-if="length.strands.length > 1" class="times">{{ length.strands.length }} × </small
        >{{ format.cut(length.cut_mm) }}</strong
      >
      <span v-if="wordsAt(index)">weaving · {{ wordsAt(index) }}</span>
    </div>
    <div class="bar-frame col">
      <div
        class="bar d-flex overflow-hidden rounded mt-1 coil"
        :style="{ width: `${(100 * length.cut_mm) / longest}%`, '--wire': weaving.strands[length.strands[0]!]!.colour }"
      />
      <p class="parts d-flex flex-wrap column-gap-3 small quiet figures">
        {{ length.strands.length < weaving.strands.length ? "every other of repeats" : "repeats" }}
        <b>{{ length.first }}–{{ length.last }}</b>
        <span v-if="length.half !== null && halves">{{ length.half === 0 ? "first half" : "second half" }}</span>
        <span v-else-if="length.half === null && !goesOn(length)">its middle at the middle of the work</span>
        <span v-if="length.half === null || length.back.length || weaving.reserve_mm > 0"
          >begin <b>{{ format.length(length.begin_mm) }}</b> from {{ beginsFrom(length) }}</span
        >
        <span v-if="length.from">on with the length cut for {{ sectionWords([length.from]) }}</span>
        <span v-if="goesOn(length)">goes on to {{ sectionWords([...length.onward, ...length.back]) }}</span>
        <span v-if="joinOf(length)"
          >joins at {{ format.length(joinOf(length)!.at_mm) }}, in repeat {{ length.first }},
          {{ joinOf(length)!.on }}</span
        >
      </p>
    </div>
  </article>
  <dl
    class="account facts d-flex flex-wrap column-gap-4 row-gap-1 border-top pt-2 figures"
    aria-label="Weaving wire in all"
  >
    <template v-for="entry in account" :key="entry.name">
      <div>
        <dt>{{ entry.name }}</dt>
        <dd>{{ format.long(entry.mm) }}</dd>
      </div>
    </template>
    <div class="sum">
      <dt>in all</dt>
      <dd>{{ format.long(weaving.total_mm) }}</dd>
    </div>
  </dl>
</template>
