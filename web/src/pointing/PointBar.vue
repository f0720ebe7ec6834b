<script setup lang="ts">
import { computed, ref, watch } from "vue";
import { useBench } from "../bench/useBench";
import { baseOf } from "../document/routes";
import { useFormat } from "../units/format";
import type { Group } from "./groups";
import MirrorWalk from "./MirrorWalk.vue";
import type { Pointing } from "./usePointing";

/** The repeat as its groups of wraps, one chosen: more of them, fewer, earlier, later, out; and wraps round any wires added. */
const props = defineProps<{ pointing: Pointing }>();

const bench = useBench();
const format = useFormat();
const weave = computed(() => bench.strip.value.weave);
const wires = computed(() => baseOf(bench.answer.value!.document, bench.hand.value).length);
const span = ref<[number, number]>([1, 1]);
watch(wires, (most) => (span.value = [Math.min(span.value[0], most), Math.min(span.value[1], most)]));

function words(group: Group): string {
  if (group.kind === "through") return `through ${group.gaps.join(" ")}`;
  const round = group.near === group.far ? `${group.near}` : `${group.near}–${group.far}`;
  return `${group.times} round ${round}`;
}
const wraps = computed(() => (props.pointing.current.value?.kind === "wraps" ? props.pointing.current.value : null));

const KEYS: Record<string, (event: KeyboardEvent) => void> = {
  ArrowRight: (event) => (event.shiftKey ? props.pointing.move(1) : choose(1)),
  ArrowLeft: (event) => (event.shiftKey ? props.pointing.move(-1) : choose(-1)),
  ArrowUp: () => props.pointing.more(1),
  ArrowDown: () => props.pointing.more(-1),
  Delete: () => void props.pointing.takeOut(),
  Backspace: () => void props.pointing.takeOut(),
};
const choose = (by: number) => props.pointing.choose(props.pointing.selected.value + by);
function key(event: KeyboardEvent) {
  const act = KEYS[event.key];
  if (!act) return;
  event.preventDefault();
  event.stopPropagation();
  act(event);
}
</script>

<template>
  <div class="point-bar d-grid gap-2 border-top pt-2">
    <p class="d-flex flex-wrap column-gap-3">
      Press a base wire to add a wrap, draw across wires for one round them all, drag along to change a count.
      <span class="figures quiet"
        >Repeat {{ format.length(weave.advance_mm) }}, {{ format.length(weave.wire_per_repeat_mm) }} of wire, width
        {{ format.length(weave.width_mm) }}</span
      >
    </p>
    <p v-if="pointing.trouble.value" class="said-wrong text-danger small sans" role="alert">
      {{ pointing.trouble.value }}
    </p>
    <div
      class="point-groups d-flex flex-wrap align-items-center gap-2 figures"
      role="group"
      tabindex="0"
      aria-label="The repeat: left and right choose, up and down count, shift with left and right moves, delete takes out"
      @keydown="key"
    >
      <BButton
        v-for="(group, i) in pointing.groups.value"
        :key="i"
        variant="outline-secondary"
        tabindex="-1"
        :pressed="pointing.selected.value === i"
        @click="pointing.choose(i)"
      >
        {{ words(group) }}
      </BButton>
    </div>
    <div class="d-flex flex-wrap align-items-center gap-2">
      <BButton
        variant="outline-primary"
        aria-label="One wrap fewer"
        :disabled="!wraps || wraps.times < 2"
        @click="pointing.more(-1)"
      >
        −
      </BButton>
      <b class="figures fs-4 text-center px-2">{{ wraps?.times ?? "–" }}</b>
      <BButton variant="outline-primary" aria-label="One wrap more" :disabled="!wraps" @click="pointing.more(1)">
        +
      </BButton>
      <BButton variant="outline-primary" :disabled="pointing.selected.value === 0" @click="pointing.move(-1)">
        Earlier
      </BButton>
      <BButton
        variant="outline-primary"
        :disabled="pointing.selected.value === pointing.groups.value.length - 1"
        @click="pointing.move(1)"
      >
        Later
      </BButton>
      <BButton variant="outline-primary" :disabled="pointing.groups.value.length < 2" @click="pointing.takeOut">
        Remove
      </BButton>
      <span class="d-inline-flex flex-wrap align-items-center gap-1">
        Add a wrap round
        <BFormSelect v-model="span[0]" class="w-auto d-inline-block figures" aria-label="Round wires from">
          <option v-for="wire in wires" :key="wire" :value="wire">{{ wire }}</option>
        </BFormSelect>
        to
        <BFormSelect v-model="span[1]" class="w-auto d-inline-block figures" aria-label="Round wires to">
          <option v-for="wire in wires" :key="wire" :value="wire">{{ wire }}</option>
        </BFormSelect>
        <BButton variant="outline-primary" @click="pointing.add([span[0], span[1]])">Add</BButton>
      </span>
      <MirrorWalk />
    </div>
  </div>
</template>
