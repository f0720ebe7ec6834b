<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import { cover, endsIn, folds, type Side } from "../document/routes";
import { loops, otherEnds, seatWords, wireWords, withCover, withoutEnding } from "./endings";
import { withEnds } from "../document/change";
import LiveChoice from "../brief/LiveChoice.vue";
import LiveSize from "../brief/LiveSize.vue";
import FormParts from "./FormParts.vue";
import FindingLines from "../findings/FindingLines.vue";
import { choices, named } from "../choices/choices";

/** How the wires end; worked: of those only what is left of weaving wires. */
const props = defineProps<{ worked?: boolean }>();
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
    if (!own.length || (props.worked && own[0]!.number > 0)) return [];
    const { side, section } = own[0]!;
    return [{ id, kind, path: `/endings/${i}`, side, section, numbers: own.map((end) => end.number), fold: null }];
  });
  const folded = (props.worked ? [] : folds(piece.value)).map(({ fold, path, side, section, numbers }): Line => {
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
/** Which wire one that is made of one wire is made of, where there are others. */
const others = (id: string) => {
  const all = otherEnds(piece.value, id);
  return all.length > 1 ? all : [];
};
const choicesOf = (id: string) =>
  others(id).map((end) => ({ key: String(end.number), name: wireWords(piece.value, bench.answer.value!.plan, end) }));
const take = (id: string, number: string) =>
  bench.change(withEnds(piece.value, id, [others(id).find((end) => end.number === Number(number))!]));
const through = computed(() => loops(piece.value).map(({ id, name }) => ({ key: id, name })));
/** A coil of any wire to work with may cover a fold. */
const coverings = computed(() =>
  piece.value.kinds.flatMap((kind) =>
    kind.use === "working" ? [{ key: kind.id, name: `covered with a coil of ${kind.size.typed}` }] : [],
  ),
);
</script>

<template>
  <ul v-if="lines.length" class="ending-lines plain" aria-label="How the wires end">
    <li
      v-for="({ id, path, side, section, numbers, fold, form }, index) in lines"
      :key="id"
      class="sentence d-flex gap-3 align-items-start"
    >
      <span class="flex-fill"
        >At the {{ side }}
        <LiveChoice
          v-if="form.wires === 'one' && !fold && others(id).length"
          :value="String(numbers[0])"
          :options="choicesOf(id)"
          :label="`Ending ${index + 1}: which wire`"
          @change="(number) => take(id, number)"
        /><template v-else>{{ seatWords(piece, section, numbers) }}</template>
        {{ numbers.length > 1 ? "end" : "ends" }} in {{ form.name
        }}<template v-if="form.leads"
          >, that of
          <LiveChoice
            :value="String(bench.value(`${path}/through`))"
            :options="through"
            :label="`Ending ${index + 1}: which loop`"
            @change="(id) => bench.edit(`${path}/through`, id)" /></template
        ><FormParts :parts="form.parts" :path="path" :name="`Ending ${index + 1}`" />
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
      </span>
      <BDropdown text="⋯" variant="link" no-caret class="line-menu" :aria-label="`More of ending ${index + 1}`">
        <BDropdownItem @click="bench.change(withoutEnding(piece, id))">Cut it flush</BDropdownItem>
      </BDropdown>
    </li>
  </ul>
  <FindingLines v-if="!worked" />
</template>
