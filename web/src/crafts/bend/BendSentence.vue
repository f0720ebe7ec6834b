<script setup lang="ts">
import { computed } from "vue";
import { useBench } from "../../bench/useBench";
import LiveChoice from "../../brief/LiveChoice.vue";
import { choices, named } from "../../choices/choices";
import { article } from "../../common/article";
import BaseWires from "../../sections/BaseWires.vue";
import { withBend } from "../../sections/bends";
import FormParts from "../../sections/FormParts.vue";
import PlaceWords from "../../sections/PlaceWords.vue";
import RunParts from "./RunParts.vue";

/** A wire bent by itself, as a sentence. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const index = computed(() => piece.value.sections.findIndex((one) => one.id === bench.hand.value));
const bend = computed(() => {
  const found = piece.value.sections[index.value];
  return found?.craft === "bend" ? found.bend.kind : choices().bends[0]!.key;
});
</script>

<template>
  <p class="sentence">
    <PlaceWords /> <BaseWires /> bent to {{ article(named(choices().bends, bend).name) }}
    <LiveChoice
      :value="bend"
      :options="choices().bends"
      label="Form"
      @change="(kind) => bench.change(withBend(piece, index, kind))"
    /><FormParts :parts="named(choices().bends, bend).parts" :path="bench.path('bend')" /><RunParts
      v-if="bend === 'run'"
    />.
  </p>
</template>
