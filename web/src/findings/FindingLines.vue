<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../bench/useBench";
import LiveChoice from "../brief/LiveChoice.vue";
import FormParts from "../sections/FormParts.vue";
import { useFormat } from "../units/format";
import { choices, named } from "../choices/choices";
import { holders, hungOn, withoutFinding } from "./findings";

/** What is hung on the endings: jump rings, chain, a clasp, an ear wire. */
const bench = useBench();
const format = useFormat();
const piece = computed(() => bench.draft.value!);
/** Where something can be hung: by its side, and by what it is hung on where there is more than one there. */
const places = computed(() => {
  const all = holders(piece.value);
  return all.map(({ id, kind, side, section }) => {
    if (all.filter((one) => one.side === side).length === 1) return { key: id, name: side };
    const at = piece.value.sections.findIndex((one) => one.id === section) + 1;
    const where = piece.value.sections.length > 1 ? ` of section ${at}` : "";
    const held = kind === "fold" ? "the ring at the fold" : named(choices().endings, kind).name;
    return { key: id, name: `${side}${where}, ${held}` };
  });
});
const metals = computed(() => bench.catalogue.value!.metals.filter((one) => !one.cord));
const told = computed(() => bench.answer.value?.plan.findings ?? []);
const lines = computed(() =>
  (piece.value.findings ?? []).map((finding, index) => ({
    finding,
    index,
    form: named(choices().findings, finding.kind),
    told: told.value.find((one) => one.id === finding.id),
  })),
);
</script>

<template>
  <ul v-if="lines.length" class="ending-lines plain" aria-label="What is hung on the ends">
    <li
      v-for="{ finding, index, form, told: one } in lines"
      :key="finding.id"
      class="sentence d-flex gap-3 align-items-start"
    >
      <span class="flex-fill"
        >At the
        <LiveChoice
          :value="finding.on[0]!"
          :options="places"
          :label="`Finding ${index + 1}: side`"
          @change="(id) => bench.edit(`/findings/${index}/on`, hungOn(piece, finding.kind, id))"
        />
        {{ form.name }}<FormParts :parts="form.parts" :path="`/findings/${index}`" :name="`Finding ${index + 1}`" />
        {{ " "
        }}<LiveChoice
          v-if="form.metal && 'metal' in finding"
          :value="finding.metal"
          :options="metals"
          :label="`Finding ${index + 1}: metal`"
          @change="(metal) => bench.edit(`/findings/${index}/metal`, metal)"
        />
        <span v-if="one && one.cut_mm !== null" class="quiet figures"
          >&ensp;from {{ format.cut(one.cut_mm) }} of wire<template v-if="one.per_metre !== null"
            >; a metre makes {{ one.per_metre }}</template
          ></span
        >
      </span>
      <BDropdown text="⋯" variant="link" no-caret class="line-menu" :aria-label="`More of finding ${index + 1}`">
        <BDropdownItem @click="bench.change(withoutFinding(piece, finding.id))">Remove it</BDropdownItem>
      </BDropdown>
    </li>
  </ul>
</template>
