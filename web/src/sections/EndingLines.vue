<script setup lang="ts">
import { computed, ref } from "vue";
import { useBench } from "../bench/useBench";
import { baseOf, cover, endsIn, folds, type Side } from "../document/routes";
import { foldable, openEnds, withCover, withEndingAdded, withoutEnding } from "./endings";
import LiveChoice from "../brief/LiveChoice.vue";
import LiveSize from "../brief/LiveSize.vue";
import FormParts from "./FormParts.vue";
import FindingLines from "../findings/FindingLines.vue";
import { choices, named } from "../choices/choices";

/** How the wires end, and where one may still be ended otherwise than cut flush. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
interface Line {
  id: string;
  kind: string;
  /** The pointer to what it holds. */
  path: string;
  side: Side;
  section: string;
  numbers: number[];
  fold: { ring: boolean; cover: string } | null;
}
/** Endings, and folds after them. */
const lines = computed(() => {
  const bent = piece.value.endings.flatMap(({ id, kind }, i): Line[] => {
    const own = endsIn(piece.value, id);
    if (!own.length) return [];
    const { side, section } = own[0]!;
    return [{ id, kind, path: `/endings/${i}`, side, section, numbers: own.map((end) => end.number), fold: null }];
  });
  const folded = folds(piece.value).map(({ fold, path, side, section, numbers }): Line => {
    const covered = cover(piece.value, fold.id)?.kind ?? "";
    return {
      id: fold.id,
      kind: "fold",
      path,
      side,
      section,
      numbers,
      fold: { ring: Boolean(fold.ring), cover: covered },
    };
  });
  return [...bent, ...folded].map((line) => ({ ...line, form: named(choices().endings, line.kind) }));
});
/** Wires by their seats in a section: "near wire of section 2". */
function wireWords(section: string, numbers: number[]): string {
  const count = baseOf(piece.value, section).length;
  const place = (number: number) => {
    if (count === 1) return "the wire";
    return count === 2 ? `${number === 1 ? "near" : "far"} wire` : `wire ${number}`;
  };
  const at = piece.value.sections.findIndex((one) => one.id === section) + 1;
  return `${numbers.map(place).join(" and ")}${piece.value.sections.length > 1 ? ` of section ${at}` : ""}`;
}
/** A coil of any wire to work with may cover a fold. */
const coverings = computed(() =>
  piece.value.kinds.flatMap((kind) =>
    kind.use === "working" ? [{ key: kind.id, name: `covered with a coil of ${kind.size.typed}` }] : [],
  ),
);
const ends = computed(() => openEnds(piece.value));
const chosen = ref("");
const kinds = computed(() => choices().endings.filter((one) => one.key !== "plain"));
function add(event: Event) {
  const select = event.target as HTMLSelectElement;
  const end = ends.value[Number(chosen.value || 0)];
  if (end && select.value) void bench.change(withEndingAdded(piece.value, end, select.value));
  select.value = "";
  chosen.value = "";
}
const possible = (key: string) => {
  const end = ends.value[Number(chosen.value || 0)];
  return key !== "fold" || (end !== undefined && foldable(piece.value, end.ends));
};
</script>

<template>
  <ul class="ending-lines" aria-label="How the wires end">
    <li v-for="({ id, path, side, section, numbers, fold, form }, index) in lines" :key="id" class="sentence">
      At the {{ side }} {{ wireWords(section, numbers) }} {{ numbers.length > 1 ? "end" : "ends" }} in {{ form.name
      }}<FormParts :parts="form.parts" :path="path" :name="`Ending ${index + 1}`" />
      <template v-if="fold && coverings.length"
        >,
        <LiveChoice
          :value="fold.cover"
          :options="[{ key: '', name: 'left bare' }, ...coverings]"
          :label="`Ending ${index + 1}: what covers the fold`"
          @change="(kind) => bench.change(withCover(piece, id, kind))"
      /></template>
      <template v-if="fold"
        >,
        <template v-if="fold.ring"
          >round a ring <LiveSize :path="`${path}/ring`" :label="`Ending ${index + 1}: ring`" :by="0.5" /> inside
          <button type="button" class="unfold plain" @click="bench.edit(`${path}/ring`, null)">
            no ring
          </button></template
        ><button v-else type="button" class="unfold plain" @click="bench.edit(`${path}/ring`, { typed: '4 mm' })">
          with a ring
        </button></template
      >
      <button
        type="button"
        class="quiet-act"
        :aria-label="`Cut ending ${index + 1} flush`"
        @click="bench.change(withoutEnding(piece, id))"
      >
        Cut it flush
      </button>
    </li>
    <li v-if="ends.length" class="ending-add">
      <label
        >Where wires are cut flush now:
        <select v-model="chosen" aria-label="End of a section">
          <option v-for="(end, i) in ends" :key="i" :value="i === 0 ? '' : String(i)">
            {{ end.side }},
            {{
              wireWords(
                end.section,
                end.ends.map((one) => one.number),
              )
            }}
          </option>
        </select></label
      >
      <label
        >end in
        <select aria-label="Add an ending" @change="add">
          <option value="">cut flush</option>
          <option v-for="kind in kinds" :key="kind.key" :value="kind.key" :disabled="!possible(kind.key)">
            {{ kind.name }}
          </option>
        </select></label
      >
    </li>
  </ul>
  <FindingLines />
</template>
