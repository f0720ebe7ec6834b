<script setup lang="ts">
import { useEventListener } from "@vueuse/core";
import { computed, onBeforeUnmount, ref } from "vue";
import { useBench } from "../bench/useBench";
import { type End, ends } from "../document/routes";
import { endKey, endsFor, endWords, type Joint, jointsOf, withJoint } from "../sections/ways";
import { useLit } from "../wires/useLit";
import { spread } from "./spread";

/** The free ends of base wires on the picture: press one, then the one it goes on to. */
const props = defineProps<{ page: DOMMatrix; width: number; height: number }>();
/** How far apart their buttons stand, and how far from the end itself, in pixels. */
const APART_PX = 46;
const OUT_PX = 34;
const bench = useBench();
const lit = useLit();
const piece = computed(() => bench.draft.value!);
const open = computed(() => ends(piece.value).filter((end) => end.ending === null));
const picked = ref<string | null>(null);
const end = computed(() => open.value.find((one) => endKey(one) === picked.value));
const joint = computed((): Joint | undefined => {
  const of = end.value;
  return of && jointsOf(piece.value, of.section).find((one) => one.number === of.number && one.side === of.side);
});
/** Where the wire that was pressed may go. */
const goals = computed(() =>
  end.value && joint.value ? endsFor(piece.value, end.value.section, joint.value).map(endKey) : [],
);

/** Ends where they stand on the page, and where their buttons do. */
const points = computed(() => {
  const stood = open.value.flatMap((one) => {
    const edge = bench.answer.value!.plan.sections.find(({ id }) => id === one.section)?.ends[one.side];
    const place = edge?.places[one.number - 1];
    if (!edge || !place) return [];
    const at = props.page.transformPoint(new DOMPoint(place[0], place[1]));
    const on = props.page.transformPoint(
      new DOMPoint(place[0]! + Math.sin(edge.heading), place[1]! + Math.cos(edge.heading)),
    );
    const long = Math.hypot(on.x - at.x, on.y - at.y) || 1;
    const out = { x: at.x + ((on.x - at.x) / long) * OUT_PX, y: at.y + ((on.y - at.y) / long) * OUT_PX };
    return [{ end: one, at, out }];
  });
  const apart = spread(
    stood.map((one) => one.out),
    APART_PX,
    props.width,
    props.height,
  );
  return stood.map((one, i) => ({ ...one, out: apart[i]! }));
});
const section = (of: End) => piece.value.sections.findIndex((one) => one.id === of.section) + 1;
const sentence = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);

function put(key: string | null) {
  picked.value = key;
  lit.wires.value = end.value ? [end.value.wire.id] : [];
}
async function press(one: End) {
  const key = endKey(one);
  if (!end.value || !joint.value) return put(key);
  if (key === picked.value) return put(null);
  const led = withJoint(piece.value, end.value.section, joint.value, key);
  put(null);
  await bench.change(led);
}
useEventListener("keydown", (event) => {
  if (event.key === "Escape" && picked.value) put(null);
});
onBeforeUnmount(lit.clear);
const named = (one: End) => sentence(endWords(piece.value, bench.answer.value!.plan, one));
const status = computed(() => {
  if (!open.value.length) return "No end is open: all are bent to something or go on.";
  if (!end.value) return "Press an open end, then the one it goes on to.";
  const words = named(end.value);
  return goals.value.length ? `${words}: press where it goes.` : `${words}: no end of another section is open.`;
});
</script>

<template>
  <div class="end-points" @pointerdown.stop @pointerup.stop @dblclick.stop>
    <svg :width="width" :height="height" aria-hidden="true">
      <line v-for="{ end: one, at, out } in points" :key="endKey(one)" :x1="at.x" :y1="at.y" :x2="out.x" :y2="out.y" />
    </svg>
    <button
      v-for="{ end: one, out } in points"
      :key="endKey(one)"
      type="button"
      class="end-point figures"
      :style="{ left: `${out.x}px`, top: `${out.y}px` }"
      :aria-pressed="endKey(one) === picked"
      :aria-label="named(one)"
      :title="named(one)"
      :disabled="picked !== null && endKey(one) !== picked && !goals.includes(endKey(one))"
      @click="press(one)"
    >
      {{ section(one) }}·{{ one.number }}
    </button>
    <p class="end-words small" role="status">{{ status }}</p>
  </div>
</template>
