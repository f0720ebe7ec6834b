<script setup lang="ts">
import { computed, ref } from "vue";
import { useBench } from "../bench/useBench";
import { openEnds, withEndingAdded, withoutEnding } from "./document";
import LiveChoice from "../brief/LiveChoice.vue";
import LiveSize from "../brief/LiveSize.vue";
import FormParts from "./FormParts.vue";
import FindingLines from "../findings/FindingLines.vue";
import { choices, named } from "../choices/choices";

/** How the wires end, and where one may still be ended otherwise than cut flush. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const lines = computed(() =>
  piece.value.endings.map((ending, index) => ({ ending, index, form: named(choices().endings, ending.kind) })),
);
/** Wires by the section they leave at a side: "near wire of section 2". */
function wireWords(side: "start" | "end", ids: string[]): string {
  const numbered = [...piece.value.sections.entries()];
  const own = (side === "end" ? numbered.reverse() : numbered).find(([, one]) => one.base.includes(ids[0]!));
  const [index, { base }] = own ?? [0, piece.value.sections[0]!];
  const place = (id: string) => {
    const at = base.indexOf(id);
    if (base.length === 1) return "the wire";
    return base.length === 2 ? `${at === 0 ? "near" : "far"} wire` : `wire ${at + 1}`;
  };
  return `${ids.map(place).join(" and ")}${piece.value.sections.length > 1 ? ` of section ${index + 1}` : ""}`;
}
/** A coil of any weaving wire may cover a fold. */
const coverings = computed(() =>
  piece.value.wires.flatMap((wire) =>
    wire.role === "weaving" ? [{ key: wire.id, name: `covered with a coil of ${wire.size.typed}` }] : [],
  ),
);
const ends = computed(() => openEnds(piece.value));
const chosen = ref("");
const kinds = computed(() => choices().endings.filter((one) => one.key !== "plain"));
function add(event: Event) {
  const select = event.target as HTMLSelectElement;
  const end = ends.value[Number(chosen.value || 0)];
  if (end && select.value) void bench.change(withEndingAdded(piece.value, end.side, end.wires, select.value));
  select.value = "";
  chosen.value = "";
}
const possible = (key: string) => {
  const end = ends.value[Number(chosen.value || 0)];
  return key !== "fold" || end?.wires.length === 2;
};
</script>

<template>
  <ul class="ending-lines" aria-label="How the wires end">
    <li v-for="{ ending, index, form } in lines" :key="ending.id" class="sentence">
      At the {{ ending.side }} {{ wireWords(ending.side, ending.wires) }}
      {{ ending.wires.length > 1 ? "end" : "ends" }} in {{ form?.name ?? ending.kind
      }}<FormParts :parts="form?.parts ?? []" :path="`/endings/${index}`" :name="`Ending ${index + 1}`" />
      <template v-if="ending.kind === 'fold' && coverings.length"
        >,
        <LiveChoice
          :value="ending.cover ?? ''"
          :options="[{ key: '', name: 'left bare' }, ...coverings]"
          :label="`Ending ${index + 1}: what covers the fold`"
          @change="(id) => bench.edit(`/endings/${index}/cover`, id || null)"
      /></template>
      <template v-if="ending.kind === 'fold'"
        >,
        <template v-if="ending.ring"
          >round a ring
          <LiveSize :path="`/endings/${index}/ring`" :label="`Ending ${index + 1}: ring`" :by="0.5" /> inside
          <button type="button" class="unfold plain" @click="bench.edit(`/endings/${index}/ring`, null)">
            no ring
          </button></template
        ><button
          v-else
          type="button"
          class="unfold plain"
          @click="bench.edit(`/endings/${index}/ring`, { typed: '4 mm' })"
        >
          with a ring
        </button></template
      >
      <button
        type="button"
        class="quiet-act"
        :aria-label="`Cut ending ${index + 1} flush`"
        @click="bench.change(withoutEnding(piece, ending.id))"
      >
        Cut it flush
      </button>
    </li>
    <li v-if="ends.length" class="ending-add">
      <label
        >Where wires are cut flush now:
        <select v-model="chosen" aria-label="End of a section">
          <option v-for="(end, i) in ends" :key="i" :value="i === 0 ? '' : String(i)">
            {{ end.side }}, {{ wireWords(end.side, end.wires) }}
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
