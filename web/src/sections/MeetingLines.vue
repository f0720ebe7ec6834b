<script setup lang="ts">
import { computed, ref } from "vue";
import { useBench } from "../bench/useBench";
import LiveChoice from "../brief/LiveChoice.vue";
import { useFormat } from "../units/format";
import {
  type Asks,
  edgeKey,
  edgeOf,
  filled,
  foundWords,
  giveWords,
  type Gives,
  mayGive,
  type Meeting,
  meetings,
  otherKey,
  otherOf,
  places,
  sameGives,
  takes,
  withMeetings,
} from "./meetings";

/** Ends that must come together, and which values give for it. */
const bench = useBench();
const format = useFormat();
const piece = computed(() => bench.draft.value!);
const plan = computed(() => bench.answer.value!.plan);
const lines = computed(() => meetings(piece.value));
const ASKS = [
  { key: "touch", name: "touches" },
  { key: "meet", name: "meets" },
  { key: "flow", name: "flows on into" },
];
/** The lines whose other values are shown. */
const unfolded = ref<string[]>([]);
const unfold = (id: string) =>
  (unfolded.value = unfolded.value.includes(id) ? unfolded.value.filter((one) => one !== id) : [...unfolded.value, id]);
/** The values that give, and all that may where they are asked for or too few give. */
const offered = (meeting: Meeting) =>
  mayGive(piece.value, plan.value, meeting).filter(
    (one) => gives(meeting, one) || short(meeting) > 0 || unfolded.value.includes(meeting.id),
  );
const gives = (meeting: Meeting, one: Gives) => meeting.gives.some((other) => sameGives(other, one));
/** Values that give to another meeting already. */
const elsewhere = (meeting: Meeting, one: Gives) =>
  lines.value.some((other) => other.id !== meeting.id && gives(other, one));
const put = (meeting: Meeting, changes: Partial<Meeting>, fill = true) => {
  const next = { ...meeting, ...changes };
  const whole = fill ? filled(piece.value, plan.value, next) : next;
  return bench.change(
    withMeetings(
      piece.value,
      lines.value.map((one) => (one.id === meeting.id ? whole : one)),
    ),
  );
};
function toggle(meeting: Meeting, one: Gives) {
  const next = gives(meeting, one) ? meeting.gives.filter((other) => !sameGives(other, one)) : [...meeting.gives, one];
  void put(meeting, { gives: next as Meeting["gives"] }, false);
}
const remove = (meeting: Meeting) =>
  bench.change(
    withMeetings(
      piece.value,
      lines.value.filter((one) => one.id !== meeting.id),
    ),
  );
/** What came out for a meeting. */
const found = (meeting: Meeting) =>
  plan.value.met.values
    .filter((one) => gives(meeting, one))
    .map((one) => `${giveWords(piece.value, one)} ${foundWords(one, format.length)}`)
    .join(", ");
const short = (meeting: Meeting) => takes(meeting) - meeting.gives.filter((one) => one.value !== "repeats").length;
</script>

<template>
  <ul v-if="lines.length" class="meeting-lines plain" aria-label="Ends that come together">
    <li v-for="(meeting, i) in lines" :key="meeting.id" class="sentence d-flex gap-3 align-items-start">
      <span class="flex-fill">
        So that
        <LiveChoice
          :value="edgeKey(meeting.end)"
          :options="places(piece, false)"
          :label="`Meeting ${i + 1}: which end`"
          @change="(key) => put(meeting, { end: edgeOf(key) })"
        />{{ " " }}
        <LiveChoice
          :value="meeting.asks"
          :options="ASKS"
          :label="`Meeting ${i + 1}: how`"
          @change="(key) => put(meeting, { asks: key as Asks })"
        />{{ " " }}
        <LiveChoice
          :value="otherKey(meeting.other)"
          :options="places(piece, true)"
          :label="`Meeting ${i + 1}: what it comes to`"
          @change="(key) => put(meeting, { other: otherOf(key) })"
        />, these give:
        <span class="d-inline-flex flex-wrap align-items-center gap-1">
          <BButton
            v-for="one in offered(meeting)"
            :key="`${one.section} ${one.value}`"
            variant="outline-secondary"
            :pressed="gives(meeting, one)"
            :disabled="elsewhere(meeting, one)"
            @click="toggle(meeting, one)"
            >{{ giveWords(piece, one) }}</BButton
          >
          <button
            type="button"
            class="unfold plain"
            :aria-expanded="unfolded.includes(meeting.id)"
            @click="unfold(meeting.id)"
          >
            others
          </button>
        </span>
        <small v-if="short(meeting) > 0" class="quiet sans d-block"
          >{{ short(meeting) }} more {{ short(meeting) === 1 ? "value" : "values" }} must give.</small
        >
        <span v-else-if="found(meeting)" class="quiet d-block">As it comes out: {{ found(meeting) }}.</span>
      </span>
      <BDropdown text="⋯" variant="link" no-caret class="line-menu" :aria-label="`More of meeting ${i + 1}`">
        <BDropdownItem @click="remove(meeting)">Let them stand apart</BDropdownItem>
      </BDropdown>
    </li>
  </ul>
</template>
