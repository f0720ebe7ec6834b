<script setup lang="ts">
import { computed } from "vue";
import { api, type ToldKind } from "../api/client";
import { useBench } from "../bench/useBench";
import LiveChoice from "../brief/LiveChoice.vue";
import LiveWire from "../brief/LiveWire.vue";
import FormParts from "../sections/FormParts.vue";
import type { Plan } from "../generated/plan";
import { useFormat } from "../units/format";
import BeadLook from "./BeadLook.vue";
import BraidedFine from "./BraidedFine.vue";
import CrochetedFine from "./CrochetedFine.vue";
import KnottedFine from "./KnottedFine.vue";
import CountsField from "./CountsField.vue";
import { carrier } from "../document/routes";
import { carriers, withBead, withoutPlacement } from "./document";
import FitList from "./FitList.vue";
import { choices, named } from "../choices/choices";

/** One placement of beads as a sentence, and what it comes to. */
const props = defineProps<{
  index: number;
  told: Plan["beads"]["placed"][number] | undefined;
  kind: ToldKind | undefined;
}>();
const bench = useBench();
const format = useFormat();
const piece = computed(() => bench.draft.value!);
const placed = computed(() => piece.value.beads[props.index]!);
const rule = computed(() => named(choices().rules, placed.value.rule));
const path = computed(() => `/beads/${props.index}`);
const name = computed(() => `Beads ${props.index + 1}`);
const kinds = computed(() => (piece.value.tray ?? []).map((one) => ({ key: one.id, name: one.name })));
const places = computed(() =>
  carriers(piece.value, rule.value.key).map((one) => ({
    key: one.id,
    name: `section ${piece.value.sections.findIndex((other) => other.id === one.id) + 1}`,
  })),
);
const thread = computed(() => carrier(piece.value, placed.value.id));
const result = computed(() => {
  const { told } = props;
  if (!told) return "";
  const wire = told.wire_mm > 0 ? `, ${format.length(told.wire_mm)} of wire` : "";
  const hole = `each hole takes ${told.passes === 1 ? "one wire" : `${told.passes} passes`}`;
  return `${told.count} ${told.count === 1 ? "bead" : "beads"}${wire}; ${hole}`;
});
async function take(id: string) {
  const found = (await api.tray()).beads.find((one) => one.id === id);
  if (found) void bench.change(withBead(piece.value, placed.value.id, found.bead));
}
</script>

<template>
  <li class="placement d-flex gap-3 align-items-center py-2 border-top">
    <BeadLook v-if="kind" :look="kind.look" :scale="7" />
    <div>
      <p class="sentence">
        <LiveChoice
          :value="placed.bead"
          :options="kinds"
          :label="`${name}: kind`"
          @change="(key) => bench.edit(`${path}/bead`, key)"
        />
        {{ rule.name
        }}<template v-if="places.length > 1">
          of
          <LiveChoice
            :value="placed.section"
            :options="places"
            :label="`${name}: section`"
            @change="(key) => bench.edit(`${path}/section`, key)" /></template
        >,
        <template v-if="placed.rule === 'met'"
          >with
          <LiveChoice
            :value="placed.other"
            :options="places.filter((one) => one.key !== placed.section)"
            :label="`${name}: the other section`"
            @change="(key) => bench.edit(`${path}/other`, key)"
          />,
        </template>
        <template v-if="placed.rule === 'rows'"
          ><CountsField :path="`${path}/counts`" :label="`${name}: in each row`" /> to a row,</template
        >
        <FormParts :parts="rule.parts" :path="path" :name="name" /><BraidedFine
          v-if="placed.rule === 'braided'"
          :path="path"
          :name="name"
          :on="placed.on"
          :every="placed.every"
        /><CrochetedFine v-if="placed.rule === 'crocheted'" :path="path" :name="name" /><KnottedFine
          v-if="placed.rule === 'knotted'"
          :path="path"
          :name="name"
        /><template v-if="thread">, on <LiveWire :wires="[thread.id]" :name="`${name}: wire`" /></template>.
      </p>
      <p class="quiet figures">
        <b>{{ result }}</b><template v-if="told?.left_mm != null && told.left_mm > 0.05"
          >; {{ format.length(told.left_mm) }} stays empty</template
        >.
        <FitList
          v-if="told?.gap_mm != null && told.gap_mm > 0.3"
          :gap="told.gap_mm"
          :wires="told.wires_mm"
          @take="take"
        />
      </p>
    </div>
    <BDropdown text="⋯" variant="link" no-caret class="line-menu ms-auto" :aria-label="`More of beads ${index + 1}`">
      <BDropdownItem @click="bench.change(withoutPlacement(piece, placed.id))">Remove them</BDropdownItem>
    </BDropdown>
  </li>
</template>
