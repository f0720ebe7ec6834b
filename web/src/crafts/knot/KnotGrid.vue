<script setup lang="ts">
import { computed } from "vue";
import type { Grid, Tied, Way } from "./grid";

/** Knots on a grid of cords, hung from the top: a sign for every knot, the cords in their colours; the knot in hand lit. */
const props = defineProps<{
  grid: Grid;
  /** Of every cord, from the left. */
  colours: string[];
  label: string;
  /** The first level that is seen, and how many. */
  from?: number;
  levels?: number;
  /** How many knots are tied: what is not is faint, the last one lit. */
  made?: number;
  /** Colours of placements of beads. */
  beads?: string[];
  /** How large it may be, in px. */
  high?: number;
}>();
const [ACROSS, DOWN, EDGE] = [22, 24, 14];
const first = computed(() => props.from ?? 0);
const seen = computed(() => Math.min(props.levels ?? props.grid.levels, props.grid.levels));
const last = computed(() => first.value + seen.value);
const x = (place: number) => EDGE + place * ACROSS;
const y = (level: number) => EDGE + (level - first.value) * DOWN;
const width = computed(() => 2 * EDGE + (props.grid.cords - 1 + props.grid.beyond) * ACROSS);
const height = computed(() => 2 * EDGE + seen.value * DOWN);
const falls = (knot: Tied) => (knot.kind === "diagonal" ? knot.cords - 2 : 0);
const knots = computed(() =>
  props.grid.tied.filter((knot) => knot.level + falls(knot) + 1 > first.value && knot.level < last.value),
);
/** A cord between the levels that are seen; over the join of what is closed it comes back in at the other side. */
function line(way: Way): string {
  const far = props.grid.cords / 2;
  return way
    .map(([place, level], i) => {
      const over = i > 0 && props.grid.beyond > 0 && Math.abs(place - way[i - 1]![0]) > far;
      const at = y(Math.min(Math.max(level, first.value - 1), last.value + 1));
      return `${i === 0 || over ? "M" : "L"}${x(place)} ${at}`;
    })
    .join("");
}
const isMade = (knot: Tied) => props.made === undefined || knot.number < props.made;
const isNow = (knot: Tied) => props.made !== undefined && knot.number === props.made - 1;
const HITCHED = ["bar", "diagonal", "vertical"];
/** From where a row of hitches begins to where it ends. */
function hitched(knot: Tied) {
  const [left, right] = [x(knot.from), x(knot.from + knot.cords - 1)];
  const [a, b] = knot.hand === "right" ? [left, right] : [right, left];
  const top = y(knot.level + 0.5);
  const step = Math.sign(b - a) * ACROSS;
  const fall = knot.kind === "diagonal" ? DOWN : 0;
  const ties = Array.from({ length: knot.cords - 1 }, (_, i) => ({ x: a + step * (i + 0.5), y: top + fall * i }));
  const end = { x: b, y: top + fall * (knot.cords - 2) };
  return { d: `M${a} ${top - fall / 2}L${b} ${end.y + fall / 2}`, ties, end };
}
/** Strokes that lean the way a crown goes round, one for each cord. */
function swirl({ from, cords, hand, level }: Tied) {
  const lean = hand === "right" ? 4 : -4;
  const at = y(level + 0.5);
  const strokes = Array.from({ length: cords }, (_, i) => x(from + (cords - 1) / 2) + (i - (cords - 1) / 2) * 11);
  return strokes.map((middle) => `M${middle - lean} ${at + 5}L${middle + lean} ${at - 5}`).join("");
}
/** The side a knot is begun from. */
const notch = (knot: Tied) => (knot.hand === "left" ? x(knot.from) - 6 : x(knot.from + knot.cords - 1) + 6);
</script>

<template>
  <svg
    class="knot-grid"
    :viewBox="`0 0 ${width} ${height}`"
    :style="{ maxHeight: `${high ?? 360}px`, maxWidth: `${width * 1.6}px` }"
    role="img"
    :aria-label="label"
  >
    <g fill="none" stroke-width="5" stroke-linejoin="round">
      <template v-for="(way, cord) in grid.ways" :key="cord">
        <path :d="line(way)" class="cord-rim" stroke-width="6.5" />
        <path :d="line(way)" :stroke="colours[cord]" />
      </template>
    </g>
    <g
      v-for="knot in knots"
      :key="knot.number"
      class="knot"
      :class="{ faint: !isMade(knot), now: isNow(knot) }"
      stroke-width="1.5"
    >
      <template v-if="HITCHED.includes(knot.kind)">
        <path
          :d="hitched(knot).d"
          fill="none"
          class="holder"
          stroke-width="5"
          :stroke-dasharray="knot.kind === 'vertical' ? '7 4' : undefined"
        />
        <circle v-for="(tie, i) in hitched(knot).ties" :key="i" :cx="tie.x" :cy="tie.y" r="6" class="body" />
      </template>
      <template v-else-if="knot.kind === 'overhand' || knot.kind === 'crown'">
        <ellipse
          :cx="x(knot.from + (knot.cords - 1) / 2)"
          :cy="y(knot.level + 0.5)"
          :rx="((knot.cords - 1) * ACROSS) / 2 + 7"
          :ry="knot.kind === 'crown' ? 10 : 8"
          class="body"
        />
        <path v-if="knot.kind === 'crown'" :d="swirl(knot)" fill="none" class="sign" />
      </template>
      <template v-else-if="knot.kind !== 'exchange'">
        <rect
          :x="x(knot.from) - 7"
          :y="y(knot.level + (knot.kind === 'half' ? 0.28 : 0.16))"
          :width="(knot.cords - 1) * ACROSS + 14"
          :height="DOWN * (knot.kind === 'half' ? 0.44 : 0.68)"
          rx="6"
          class="body"
        />
        <path
          v-for="share in knot.kind === 'square' ? [0.38, 0.62] : knot.kind === 'half' ? [0.5] : [0.3, 0.43, 0.57, 0.7]"
          :key="share"
          :d="`M${x(knot.from) - 2} ${y(knot.level + share)}H${x(knot.from + knot.cords - 1) + 2}`"
          class="sign"
        />
        <circle v-if="knot.kind !== 'wrap'" :cx="notch(knot)" :cy="y(knot.level + 0.5)" r="3.5" class="side" />
      </template>
      <circle
        v-if="knot.bead"
        :cx="x(knot.from + (knot.cords - 1) / 2)"
        :cy="y(knot.level + 0.95)"
        r="5.5"
        :fill="beads?.[knot.bead - 1] ?? 'gray'"
        class="bead"
      />
    </g>
  </svg>
</template>
