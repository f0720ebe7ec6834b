<script setup lang="ts">
import { computed, ref } from "vue";
import { useElementWidth } from "../../common/useElementWidth";
import { inks } from "../../strip/inks";
import { useCanvas } from "../../strip/useCanvas";
import { Chart, type ChartRow, type Mark } from "./chart";
import { paintMark, type Put } from "./symbols";

/** A fabric as a chart: a sign for every stitch, rows from the bottom up, rounds from the middle out; the stitch in hand lit. */
const props = defineProps<{
  rows: ChartRow[];
  begun: { kind: string; count: number };
  way: string;
  polar: boolean;
  label: string;
  /** Row and stitch in hand, and how much of it is made: what is not is faint. */
  hand?: { row: number; stitch: number } | null;
  /** [row, place, placement] of every bead, and what colour each placement is. */
  beads?: number[][];
  colours?: string[];
  /** The row that is in the middle, where not all can be seen. */
  middle?: number;
  /** How high it may be, in px. @default 360 */
  most?: number;
  numbered?: boolean;
  /** The row it begins with instead, and how large its signs are at the most, in px. */
  from?: number;
  largest?: number;
}>();
const emit = defineEmits<{ press: [mark: Mark] }>();
const [NEAREST, FARTHEST, MARGIN] = [30, 13, 30];
/** How strongly what is not made yet is drawn. */
const FAINT = 0.32;
const canvas = ref<HTMLCanvasElement | null>(null);
const box = ref<HTMLElement | null>(null);
const wide = useElementWidth(box);
const chart = computed(() => new Chart(props.rows, props.begun, props.way, props.polar));
const most = computed(() => props.most ?? 360);
/** Pixels to a column, and which rows are seen. */
const fit = computed(() => {
  const [low, high] = chart.value.span;
  const across = props.polar ? 2 * (props.rows.length + 1.4) : high - low + 2;
  const px = Math.min(Math.max((wide.value - 2 * MARGIN) / across, FARTHEST), props.largest ?? NEAREST);
  if (props.polar) {
    const fitted = Math.min(px, (most.value - 8) / across);
    return { px: fitted, from: 0, to: props.rows.length, high: across * fitted + 8 };
  }
  const seen = Math.max(Math.floor((most.value - 20) / px) - 1, 2);
  const all = props.rows.length;
  const from = props.from ?? Math.max(Math.min((props.middle ?? 0) - Math.floor(seen / 2), all - seen), 0);
  const to = Math.min(from + seen, all);
  return { px, from, to, high: (to - from + 2) * px + 14 };
});
const put = computed<Put>(() => {
  const { px, from, high } = fit.value;
  if (props.polar) return { px, to: ([x, y]) => [wide.value / 2 + x * px, high / 2 - y * px] };
  const [low, top] = chart.value.span;
  const shift = wide.value / 2 - ((low + top) / 2 + handShift.value) * px;
  return { px, to: ([x, y]) => [shift + x * px, high - 8 - (y - from + 0.8) * px] };
});
/** Where a row is wider than the page, the stitch in hand stays in it. */
const handShift = computed(() => {
  const [low, high] = chart.value.span;
  const room = (wide.value - 2 * MARGIN) / fit.value.px;
  if (props.polar || high - low + 1 <= room || !props.hand) return 0;
  const at = chart.value.at(props.hand.row, Math.max(props.hand.stitch - 1, 0))[0];
  const reach = (high - low + 1 - room) / 2;
  return Math.min(Math.max(at - (low + high) / 2, -reach), reach);
});
const marks = computed(() => {
  const { from, to } = fit.value;
  return Array.from({ length: to - from + 1 }, (_, i) => chart.value.marks(from + i)).flat();
});
const carried = computed(() => new Map((props.beads ?? []).map(([row, place, kind]) => [`${row} ${place}`, kind!])));

function paint(ctx: CanvasRenderingContext2D, width: number, height: number) {
  ctx.clearRect(0, 0, width, height);
  const { line: text, mark: accent } = inks();
  ctx.lineWidth = Math.max(fit.value.px / 13, 1.2);
  ctx.lineCap = "round";
  const counts = new Map<number, number>();
  paintRing(ctx, text);
  for (const mark of marks.value) {
    const number = (counts.get(mark.row) ?? 0) + 1;
    counts.set(mark.row, number);
    const now = props.hand?.row === mark.row && props.hand.stitch === number;
    if (now) paintLight(ctx, mark, accent);
    ctx.globalAlpha = isMade(mark.row, number) ? 1 : FAINT;
    ctx.strokeStyle = ctx.fillStyle = now ? accent : text;
    paintMark(ctx, mark, put.value);
    const bead = carried.value.get(`${mark.row} ${mark.place}`);
    if (bead !== undefined) paintBead(ctx, mark, props.colours?.[bead] ?? text, text);
    ctx.globalAlpha = 1;
  }
  if (props.numbered) paintNumbers(ctx, text);
}
/** The ring of wire that rounds stand about, where they do. */
function paintRing(ctx: CanvasRenderingContext2D, ink: string) {
  const { wire } = chart.value;
  if (wire === null) return;
  const [x, y] = put.value.to([0, 0]);
  ctx.strokeStyle = ink;
  ctx.beginPath();
  ctx.arc(x, y, fit.value.px * wire, 0, 2 * Math.PI);
  ctx.stroke();
}
/** All is, where nothing is in hand. */
function isMade(row: number, number: number) {
  const { hand } = props;
  return !hand || row < hand.row || (row === hand.row && number <= hand.stitch);
}
/** Behind the stitch in hand. */
function paintLight(ctx: CanvasRenderingContext2D, mark: Mark, accent: string) {
  const [x, y] = put.value.to(mark.head);
  const { px } = fit.value;
  ctx.globalAlpha = 0.22;
  ctx.fillStyle = accent;
  ctx.beginPath();
  ctx.arc(x, y + (mark.kind === "chain" || props.polar ? 0 : px * 0.4), px * 0.62, 0, 2 * Math.PI);
  ctx.fill();
}
function paintBead(ctx: CanvasRenderingContext2D, mark: Mark, colour: string, rim: string) {
  const [x, y] = put.value.to(mark.head);
  ctx.beginPath();
  ctx.arc(x + fit.value.px * 0.26, y - fit.value.px * 0.02, fit.value.px * 0.19, 0, 2 * Math.PI);
  ctx.fillStyle = colour;
  ctx.fill();
  ctx.save();
  ctx.lineWidth = 1;
  ctx.strokeStyle = rim;
  ctx.stroke();
  ctx.restore();
}
/** The number of every row stands where it begins, of a round between its last stitch and its first. */
function paintNumbers(ctx: CanvasRenderingContext2D, ink: string) {
  ctx.fillStyle = ink;
  ctx.font = `${Math.min(Math.max(fit.value.px * 0.5, 10), 13)}px var(--bs-body-font-family, sans-serif)`;
  ctx.textBaseline = "middle";
  for (let row = Math.max(fit.value.from, 1); row <= fit.value.to; row++) {
    const [x, y] = put.value.to(chart.value.at(row, props.polar ? -0.5 : 0));
    const left = props.way === "rows" && row % 2 === 0;
    ctx.textAlign = props.polar ? "center" : left ? "right" : "left";
    const off = props.polar ? 0 : fit.value.px * (left ? -0.7 : 0.7);
    ctx.fillText(String(row), x + off, y + (props.polar ? 0 : fit.value.px * 0.3));
  }
}
useCanvas(canvas, () => fit.value.high, paint);

function press(event: MouseEvent) {
  const { left, top } = canvas.value!.getBoundingClientRect();
  const [x, y] = [event.clientX - left, event.clientY - top];
  const far = (mark: Mark) => {
    const [mx, my] = put.value.to(mark.head);
    return Math.hypot(mx - x, my + (props.polar ? 0 : fit.value.px * 0.35) - y);
  };
  const found = marks.value.toSorted((one, other) => far(one) - far(other))[0];
  if (found && far(found) < fit.value.px) emit("press", found);
}
</script>

<template>
  <div ref="box" class="crochet-chart">
    <canvas ref="canvas" class="w-100" role="img" :aria-label="label" @click="press" />
  </div>
</template>
