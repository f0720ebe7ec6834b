<script setup lang="ts">
import { computed } from "vue";
import type { Crossing } from "../../api/braids";
import { ACROSS, drawRows, ROW } from "./diagram";

/** Crossings as a diagram, the beginning at the top: who lies over whom, row by row. Those that can be pressed turn over. */
const props = defineProps<{
  strands: number;
  crossings: Crossing[];
  /** What each strand is coloured, by the place it begins at. */
  colours?: string[];
  /** So many of them are made; the last of these is lit. */
  made?: number;
  /** A row to each, in the order they are made. */
  apart?: boolean;
  /** What each strand is called at the top; its number else. */
  names?: (string | number)[];
  label: string;
  /** How large its units are, in px. @default 1 */
  scale?: number;
  /** Each can be pressed. */
  pressed?: boolean;
}>();
const emit = defineEmits<{ press: [at: number] }>();
const drawn = computed(() => drawRows(props.strands, props.crossings, props.apart));
const TOP = 26;
const size = computed(() => [props.strands * ACROSS, drawn.value.rows * ROW + 2 * TOP]);
const LEVELS = ["under", "beside", "over"] as const;
const colour = (strand: number) => props.colours?.[strand] ?? "var(--bs-secondary)";
const lit = computed(() => (props.made ? drawn.value.places[props.made - 1] : undefined));
const names = computed(() => props.names ?? Array.from({ length: props.strands }, (_, i) => i + 1));
const words = ({ gap, over }: Crossing, i: number) =>
  `Crossing ${i + 1}: in gap ${gap} the strand that goes ${over} lies over; turn it over`;
</script>

<template>
  <svg
    class="braid-diagram"
    :style="{ width: `${size[0]! * (scale ?? 1)}px` }"
    :viewBox="`0 0 ${size[0]} ${size[1]}`"
    role="group"
    :aria-label="label"
  >
    <g class="figures" text-anchor="middle" font-size="15">
      <text v-for="(name, i) in names" :key="`t${i}`" :x="(i + 0.5) * ACROSS" :y="TOP - 9">{{ name }}</text>
      <text v-for="(strand, i) in drawn.order" :key="`b${i}`" :x="(i + 0.5) * ACROSS" :y="size[1]! - 7">
        {{ names[strand] }}
      </text>
    </g>
    <g :transform="`translate(0 ${TOP})`" fill="none" stroke-linecap="butt">
      <rect
        v-if="lit"
        class="braid-lit"
        :x="(lit.gap - 1) * ACROSS"
        :y="lit.row * ROW"
        :width="2 * ACROSS"
        :height="ROW"
        rx="8"
      />
      <template v-for="level in LEVELS" :key="level">
        <template v-for="run in drawn.runs" :key="`${level} ${run.row} ${run.strand}`">
          <template v-if="run.lies === level">
            <path :d="run.path" class="braid-edge" :class="{ clear: level === 'over' }" />
            <path :d="run.path" class="braid-rim" />
            <path :d="run.path" class="braid-strand" :stroke="colour(run.strand)" />
          </template>
        </template>
      </template>
      <template v-if="pressed">
        <rect
          v-for="(crossing, i) in crossings"
          :key="i"
          class="braid-press"
          :x="(drawn.places[i]!.gap - 0.5) * ACROSS - 4"
          :y="drawn.places[i]!.row * ROW"
          :width="ACROSS + 8"
          :height="ROW"
          rx="6"
          tabindex="0"
          role="button"
          :aria-label="words(crossing, i)"
          @click="emit('press', i)"
          @keydown.enter.prevent="emit('press', i)"
          @keydown.space.prevent="emit('press', i)"
        />
      </template>
    </g>
  </svg>
</template>
