<script setup lang="ts">
import { computed, ref, shallowRef, watch } from "vue";
import type { Picture } from "../generated/picture";
import { usePicture } from "../strip/usePicture";
import { type Tried, useBench } from "../bench/useBench";
import PaceField from "../settings/PaceField.vue";
import StripPicture from "../strip/StripPicture.vue";
import { useFormat } from "../units/format";
import { SCALE, useBend } from "./figures";
import type { Shown } from "./useWeaves";

/** Up to three weaves side by side, each planned as this very piece: both faces, wire, hours, width and tightest bend. */
const props = defineProps<{
  weaves: Shown[];
  isTaken: (weave: Shown) => boolean;
  /** The weave on the bench stands beside them, where it is none of them. */
  present: boolean;
}>();
const emit = defineEmits<{ take: [weave: Shown]; leave: [weave: Shown] }>();
const bench = useBench();
const format = useFormat();
const bend = useBend();
/** By weave; null where this piece cannot be planned in it as it stands. */
const plans = shallowRef(new Map<string, Tried | null>());
const trouble = ref("");
let latest = 0;

async function plan() {
  const asked = ++latest;
  const found = await Promise.all(
    props.weaves.map(async (one): Promise<[string, Tried | null]> => {
      return [one.key, await bench.tried(bench.woven(one.sample, one.own?.weave)).catch(() => null)];
    }),
  );
  if (asked !== latest) return;
  plans.value = new Map(found);
  trouble.value = found.some(([, one]) => one === null)
    ? "A weave without figures cannot be made as this piece stands."
    : "";
}
watch([() => props.weaves, () => bench.answer.value], plan, { immediate: true });

/** What stands side by side: the weave on the bench, where it is none of those chosen, and these. */
interface Column {
  key: string;
  name: string;
  picture: Picture | null;
  weave?: Shown;
}
const now = usePicture(
  computed(() => (props.present ? bench.strip.value?.picture : undefined)),
  () => void bench.replan(),
);
const columns = computed<Column[]>(() => {
  const chosen = props.weaves.map((weave) => ({
    key: weave.key,
    name: weave.sample.name,
    picture: weave.picture,
    weave,
  }));
  const here = props.present && bench.strip.value && !props.weaves.some(props.isTaken);
  return here ? [{ key: "now", name: "As it is now", picture: now.value }, ...chosen] : chosen;
});

const ROWS: { name: string; figure: (tried: Tried, weave?: Shown) => string }[] = [
  { name: "repeats", figure: ({ strip }) => `${strip.repeats}` },
  { name: "woven length", figure: ({ strip }) => format.length(strip.woven_mm) },
  { name: "weaving wire in all", figure: ({ strip }) => format.long(strip.weaving.total_mm) },
  { name: "time of weaving", figure: ({ plan }) => format.time(plan.work.minutes) },
  { name: "wraps", figure: ({ plan }) => `${plan.work.wraps}` },
  { name: "width", figure: ({ strip }) => format.length(strip.weave.width_mm) },
  { name: "bends edgewise to", figure: (_, weave) => (weave ? bend(weave) : "—") },
  { name: "finished mass", figure: ({ plan }) => format.mass(plan.mass.finished_g) },
];
function figure(row: (typeof ROWS)[number], { key, weave }: Column): string {
  if (!weave) return row.figure({ plan: bench.answer.value!.plan, strip: bench.strip.value! });
  const found = plans.value.get(key);
  return found === undefined ? "…" : found === null ? "—" : row.figure(found, weave);
}
</script>

<template>
  <div class="compare overflow-auto">
    <table class="table table-sm align-middle" aria-label="Weaves compared">
      <thead>
        <tr>
          <th scope="col">
            <span class="quiet">This piece, at <PaceField @said="bench.replan" /></span>
          </th>
          <th v-for="one in columns" :key="one.key" scope="col" class="serif fs-5">
            {{ one.name }}
            <BCloseButton v-if="one.weave" :aria-label="`Remove ${one.name}`" @click="emit('leave', one.weave)" />
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="face in ['front', 'back'] as const" :key="face">
          <th scope="row">{{ face }}</th>
          <td v-for="one in columns" :key="one.key">
            <StripPicture
              v-if="one.picture"
              class="overflow-hidden"
              :picture="one.picture"
              :scale="SCALE"
              :face="face"
              :label="`${one.name}, ${face}`"
            />
          </td>
        </tr>
        <tr v-for="row in ROWS" :key="row.name" class="figures">
          <th scope="row">{{ row.name }}</th>
          <td v-for="one in columns" :key="one.key">{{ figure(row, one) }}</td>
        </tr>
        <tr>
          <th scope="row"><span class="visually-hidden">take</span></th>
          <td v-for="one in columns" :key="one.key">
            <BButton
              v-if="one.weave"
              variant="outline-primary"
              :disabled="isTaken(one.weave)"
              @click="emit('take', one.weave)"
            >
              {{ isTaken(one.weave) ? "On the bench" : "Swap it in" }}
            </BButton>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="weaves.length === 1" class="quiet">Choose another to compare it with, three at the most.</p>
    <p v-if="trouble" class="said-wrong text-danger small sans" role="alert">{{ trouble }}</p>
  </div>
</template>
