<script setup lang="ts">
import { computed, ref } from "vue";
import type { Plan } from "../generated/plan";
import { useFormat } from "../units/format";
import { useLit } from "./useLit";

type Cut = Plan["cuts"][number];
/** Every base wire to cut as a bar to scale, with its parts and the marks to make on it from its first end; alike ones together. */
const props = defineProps<{ plan: Plan }>();
const format = useFormat();
const longest = computed(() => Math.max(...props.plan.cuts.map((cut) => cut.total_mm)));
const share = (mm: number) => `${(100 * mm) / longest.value}%`;
const cuts = computed(() => {
  const groups = Map.groupBy(props.plan.cuts, (cut) => JSON.stringify([cut.words, cut.cut_away, cut.parts, cut.marks]));
  return [...groups.values()].map((alike) => ({
    ...alike[0]!,
    wires: alike.flatMap((one) => one.wires),
    count: alike.length,
    place: placesOf(alike),
  }));
});
/** Which base wires they are: of two or three by name, of more by number; all of them where the piece has no others. */
function placesOf(alike: Cut[]): string {
  if (alike.length === 1) return alike[0]!.place;
  if (alike.length === props.plan.cuts.length) return alike.length === 2 ? "near and far" : "all alike";
  const [first] = alike;
  const where = first!.place.split(", ")[1];
  const names = alike.map((cut) => cut.place.split(", ")[0]!.replace("wire ", ""));
  const together = alike.every((cut) => cut.place.split(", ")[1] === where);
  if (!together) return alike.map((cut) => cut.place).join("; ");
  return [names.length > 2 ? `wires ${names.join(", ")}` : names.join(" and "), where].filter(Boolean).join(", ");
}
const sectionNumber = (id: string | null) => props.plan.sections.findIndex((one) => one.id === id) + 1;
function partName(part: Cut["parts"][number]) {
  if (part.kind !== "section") return part.words.split(",")[0]!;
  return props.plan.sections.length > 1
    ? `section ${sectionNumber(part.section)}`
    : props.plan.strip
      ? "woven"
      : part.words;
}
/** Bars are coloured by what of them is worked. */
const LOOK: Record<string, string> = { section: "woven", between: "bare", cut_away: "bare", ending: "ending" };
const weave = (part: Cut["parts"][number], cut: Cut) =>
  props.plan.sections.find((one) => one.id === part.section)?.strip?.weaving.strands[0]!.colour ?? cut.colour;
/** Few marks stand at the bar, many in a list; those that lie within this share of the longest bar in two rows. */
const CLOSE = 0.55;
const FEW = 8;
const atBar = (cut: Cut) => cut.marks.length === 3;
const close = (cut: Cut) => cut.marks.at(-1)!.at_mm - cut.marks[0]!.at_mm < longest.value * CLOSE;
const SHORT: Record<string, string> = { "start of weave": "start", "end of weave": "stop" };
const lit = useLit();
/** Base wires can be lit on the finished piece, where there is one beside its strip. */
const lightable = computed(() => props.plan.strip === null);
/** Visits are numbered along the way of a lit wire, as on the picture. */
function visitName(cut: Cut, at: number): string {
  const part = cut.parts[at]!;
  const numbered = lightable.value && part.kind === "section" && lit.isLit(cut.wires);
  if (!numbered) return partName(part);
  const before = cut.parts.slice(0, at).filter((one) => one.kind === "section").length;
  return `${before + 1}: ${partName(part)}`;
}
const all = ref(new Set<number>());
const toggle = (i: number) => {
  const next = new Set(all.value);
  if (!next.delete(i)) next.add(i);
  all.value = next;
};
const marks = (cut: Cut, i: number) => (all.value.has(i) ? cut.marks : cut.marks.slice(0, FEW));
</script>

<template>
  <article
    v-for="(cut, i) in cuts"
    :key="cut.wires.join()"
    class="cut row gx-3 border-top py-2"
    :aria-label="`Base wire ${i + 1}`"
  >
    <div class="cut-number col-4 col-xl-3">
      <strong class="figures d-block fs-3 lh-1"
        ><small v-if="cut.count > 1" class="fs-6">{{ cut.count }} × </small>{{ format.cut(cut.cut_mm) }}</strong
      >
      <span class="quiet small"
        >{{ cut.place }} · {{ cut.words }}<template v-if="cut.cut_away">, cut away after weaving</template></span
      >
      <BButton
        v-if="lightable"
        variant="outline-secondary"
        class="d-block mt-1"
        :pressed="lit.isLit(cut.wires)"
        :aria-label="`Light base wire ${i + 1} on the piece`"
        @click="lit.toggle(cut.wires)"
        >Light it</BButton
      >
    </div>
    <div class="bar-frame col">
      <div class="bar d-flex overflow-hidden rounded mt-1" :style="{ width: share(cut.total_mm) }">
        <span
          v-for="(part, k) in cut.parts"
          :key="k"
          class="part"
          :class="`part-${LOOK[part.kind] ?? part.kind}`"
          :style="{ flexGrow: part.mm, '--wire': cut.colour, '--weave': weave(part, cut) }"
          :title="`${partName(part)} ${format.length(part.mm)}`"
        />
      </div>
      <div v-if="atBar(cut)" class="marks position-relative small figures" :class="{ close: close(cut) }">
        <span
          v-for="mark in cut.marks"
          :key="mark.words"
          class="bar-mark position-absolute text-nowrap"
          :style="{ left: share(mark.at_mm) }"
        >
          <b>{{ format.length(mark.at_mm) }}</b> {{ SHORT[mark.words] ?? mark.words }}
        </span>
      </div>
      <p class="parts d-flex flex-wrap column-gap-3 small quiet figures">
        <template v-for="(part, k) in cut.parts" :key="k">
          <span v-if="part.mm > 0.05"
            >{{ visitName(cut, k) }} <b>{{ format.length(part.mm) }}</b></span
          >
        </template>
      </p>
      <ol v-if="!atBar(cut)" class="mark-list mt-1 ps-3 figures" :aria-label="`Marks on base wire ${i + 1}`">
        <li v-for="(mark, k) in marks(cut, i)" :key="k">
          <b>{{ format.length(mark.at_mm) }}</b> {{ mark.words }}
        </li>
      </ol>
      <BButton v-if="cut.marks.length > FEW" variant="link" @click="toggle(i)">
        {{ all.has(i) ? "Fewer marks" : `All ${cut.marks.length} marks` }}
      </BButton>
    </div>
  </article>
</template>
