<script setup lang="ts">
import { computed, ref } from "vue";
import { useBench } from "../bench/useBench";
import { openEnds, withEndingAdded, withoutEnding } from "./document";
import FormParts from "./FormParts.vue";
import { ENDINGS } from "./forms";

/** How the wires end, and where one may still be ended otherwise than cut flush. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const lines = computed(() =>
  piece.value.endings.map((ending, index) => ({ ending, index, form: ENDINGS.find((one) => one.key === ending.kind) })),
);
const wireWords = (ids: string[]) =>
  ids
    .map((id) => {
      const section = piece.value.sections.findIndex((one) => one.base.includes(id));
      const place = piece.value.sections[section]?.base.indexOf(id) ?? 0;
      return `${piece.value.sections[section]?.base.length === 1 ? "the wire" : place === 0 ? "near wire" : place === 1 && piece.value.sections[section]!.base.length === 2 ? "far wire" : `wire ${place + 1}`}${piece.value.sections.length > 1 ? ` of section ${section + 1}` : ""}`;
    })
    .join(" and ");
const ends = computed(() => openEnds(piece.value));
const chosen = ref("");
const kinds = computed(() => ENDINGS.filter((one) => one.key !== "plain"));
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
      At the {{ ending.side }} {{ wireWords(ending.wires) }} {{ ending.wires.length > 1 ? "end" : "ends" }} in
      {{ form?.name ?? ending.kind
      }}<FormParts :parts="form?.parts ?? []" :path="`/endings/${index}`" :name="`Ending ${index + 1}`" />
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
            {{ end.side }}, {{ wireWords(end.wires) }}
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
</template>
