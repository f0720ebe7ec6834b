<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import type { Piece } from "../generated/piece";
import { cutAway, type Section, section, withCutAway, withSection } from "../bench/weave";
import { baseOf } from "../document/routes";
import { isFrame } from "../choices/choices";
import LiveChoice from "./LiveChoice.vue";
import LiveSize from "./LiveSize.vue";
import LiveWire from "./LiveWire.vue";

/** How the base wires lie and are cut, and which are cut away after weaving. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const now = computed(() => section(piece.value, bench.hand.value));
const bases = computed(() => baseOf(piece.value, bench.hand.value));
const away = computed(() => cutAway(piece.value, bench.hand.value));
/** The wires of a frame lie as it is bent. */
const framed = computed(() => isFrame(now.value));
const SPACINGS = [
  { key: "tight", name: "as close as the weave lets them" },
  { key: "apart", name: "held apart" },
  { key: "changing", name: "apart by more here and less there" },
];
const ENDS = [
  { key: "free", name: "free" },
  { key: "joined", name: "joined" },
];
const TAILS = [
  { key: "start", name: "before the start" },
  { key: "both", name: "at both ends" },
];
type Tails = NonNullable<Piece["allowances"]["base_tails"]>;
type Changing = Extract<Section["spacing"], { kind: "changing" }>;
type Station = { at: { typed: string }; clear: { typed: string } };

function takeSpacing(kind: string) {
  const apart = { typed: "0.5 mm" };
  const clear = Array.from({ length: bases.value.length - 1 }, () => apart);
  const half = Math.round(bench.strip.value.woven_mm / 2);
  const stations = [
    { at: { typed: "0 mm" }, clear: apart },
    { at: { typed: `${half} mm` }, clear: { typed: "3 mm" } },
    { at: { typed: `${2 * half} mm` }, clear: apart },
  ];
  const changing = { kind, stations, ends: "free" };
  const spacing = { tight: { kind: "tight" }, apart: { kind, clear }, changing }[kind];
  void bench.change(withSection(piece.value, bench.hand.value, { spacing: spacing as Section["spacing"] }));
}
function putStations(stations: Station[]) {
  void bench.change(
    withSection(piece.value, bench.hand.value, { spacing: { ...(now.value.spacing as Changing), stations } }),
  );
}
/** Another station, half as far on again as the last. */
function addStation(stations: Station[]) {
  const last = bench.read(bench.path(`spacing/stations/${stations.length - 1}/at`))?.mm ?? 0;
  putStations([...stations, { ...stations.at(-1)!, at: { typed: `${Math.round(last * 1.5) || 50} mm` } }]);
}
function toggle(number: number) {
  const gone = away.value.includes(number) ? away.value.filter((one) => one !== number) : [...away.value, number];
  void bench.change(withCutAway(piece.value, bench.hand.value, gone));
}
const mayGo = (number: number) => away.value.includes(number) || away.value.length + 1 < bases.value.length;
</script>

<template>
  <div>
    <p>
      Each base wire is cut with a tail of <LiveSize path="/allowances/base_tail" label="Tail of a base wire" /> to hold
      <LiveChoice
        :value="piece.allowances.base_tails ?? 'start'"
        :options="TAILS"
        label="Ends of a base wire that have a tail"
        @change="
          (base_tails) =>
            bench.change({ ...piece, allowances: { ...piece.allowances, base_tails: base_tails as Tails } })
        "
      />, and <LiveSize path="/allowances/trim" label="Trim allowance" /> to trim at the far end.
      <template v-if="bases.length > 1 && !framed">
        They lie
        <LiveChoice
          :value="now.spacing.kind"
          :options="SPACINGS"
          label="How the base wires lie"
          @change="takeSpacing"
        /><template v-if="now.spacing.kind === 'apart'"
          >, clear gaps
          <template v-for="(_, i) in now.spacing.clear" :key="i"
            ><LiveSize :path="bench.path(`spacing/clear/${i}`)" :label="`Clear gap ${i + 1}`" :by="0.1" />{{
              " "
            }}</template
          >.</template
        ><template v-else-if="now.spacing.kind === 'changing'"
          >: a clear gap of
          <span v-for="(_, i) in now.spacing.stations" :key="i" class="d-flex flex-wrap align-items-center gap-2">
            <LiveSize :path="bench.path(`spacing/stations/${i}/clear`)" :label="`Clear gap at ${i + 1}`" :by="0.1" /> at
            <LiveSize :path="bench.path(`spacing/stations/${i}/at`)" :label="`Place ${i + 1} along the weave`" />
            <BButton
              v-if="now.spacing.stations.length > 2"
              variant="link"
              :aria-label="`Remove place ${i + 1}`"
              @click="putStations(now.spacing.stations.filter((_, k) => k !== i))"
            >
              remove
            </BButton>
          </span>
          <BButton variant="link" @click="addStation(now.spacing.stations)">add a place</BButton>
          Before weaving their ends are
          <LiveChoice
            :value="now.spacing.ends"
            :options="ENDS"
            label="Ends of the base wires"
            @change="(ends) => bench.edit(bench.path('spacing/ends'), ends)"
          />. </template
        ><template v-else>.</template>
      </template>
    </p>
    <p v-if="bases.length > 1 && !framed" class="d-inline-flex flex-wrap align-items-center gap-1">
      Cut away after weaving:
      <BButton
        v-for="i in bases.length"
        :key="i"
        variant="outline-secondary"
        class="figures"
        :pressed="away.includes(i)"
        :aria-label="`Cut away base wire ${i}`"
        :disabled="!mayGo(i)"
        @click="toggle(i)"
      >
        {{ i }}
      </BButton>
    </p>
    <ol v-if="bases.length > 2" class="each-wire row row-cols-2 ps-4">
      <li v-for="(id, i) in bases" :key="id">
        <LiveWire :wires="[id]" :name="`Base wire ${i + 1}`" />
      </li>
    </ol>
  </div>
</template>
