<script setup lang="ts">
import { movesWords } from "../answers/moves";
import { partsWords } from "../answers/parts";
import { kindWords } from "../bench/kinds";
import { computed, onMounted, ref, shallowRef } from "vue";
import { RouterLink } from "vue-router";
import { api, type StoredPiece } from "../api/client";
import { useSettings } from "../settings/useSettings";
import OrderSteps from "../order/OrderSteps.vue";
import PrintBeads from "./PrintBeads.vue";
import PrintCharts from "./PrintCharts.vue";
import PrintGrids from "./PrintGrids.vue";
import PrintCuts from "./PrintCuts.vue";
import PrintStops from "./PrintStops.vue";
import TrueSize from "./TrueSize.vue";
import { useFormat } from "../units/format";
import { useUnitsAnew } from "../api/useUnitsAnew";

/** A page for the bench: what to cut with boxes to tick, the order of work, and the piece at true size. */
const props = defineProps<{ id: string }>();

const piece = shallowRef<StoredPiece | null>(null);
const trouble = ref("");
const format = useFormat();
const settings = useSettings();
const picture = (face: string) =>
  api.file(props.id, "strip.svg", { face, hand: settings.hand, show: 1, v: piece.value?.revision });
const plan = computed(() => piece.value?.plan);
/** What is hung on it and not made. */
const bought = computed(() => plan.value?.findings.filter((finding) => finding.cut_mm === null) ?? []);
/** What it is: a strip by its repeats, any other piece by its sections. */
const about = computed(() => {
  const { worn: round, sections, strip, pieces, work } = plan.value!;
  const kind = kindWords(piece.value!.document.kind, round, format.length);
  const ease = round && !round.size_words && round.wrist_mm !== null ? `, ease ${format.length(round.ease_mm)}` : "";
  const open = round && round.opening_mm > 0 ? `, open ${format.length(round.opening_mm)}` : "";
  const worn = `${kind}${ease}${open}${pieces === 2 ? ", one of a mirrored pair" : ""}`;
  if (!strip) return `${worn}: ${partsWords(sections)}. ${movesWords(work)}`;
  const { repeats, weave, woven_mm, bare_mm } = sections[0]!.strip!;
  return `${worn}. ${repeats} repeats of ${weave.words}, ${format.length(woven_mm)} woven, ${format.length(bare_mm)} bare at each end`;
});
const printPage = () => window.print();

async function open() {
  try {
    piece.value = await api.open(props.id);
    document.title = piece.value.name;
  } catch (error) {
    trouble.value = error instanceof Error ? error.message : "Meander did not answer";
  }
}
onMounted(open);
useUnitsAnew(open);
</script>

<template>
  <main class="print-page p-3">
    <nav class="d-flex align-items-center gap-3 mb-3 d-print-none">
      <RouterLink :to="`/pieces/${id}`">‹ Bench</RouterLink>
      <BButton variant="outline-primary" @click="printPage">Print</BButton>
      <span class="quiet">Print at 100 %, landscape: what is drawn is then at true size; check the ruler.</span>
    </nav>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <article v-if="piece && plan">
      <header>
        <h1>{{ piece.document.name }}</h1>
        <p v-if="piece.document.notes">{{ piece.document.notes }}</p>
        <p class="figures">{{ about }}; finished about {{ format.mass(plan.mass.finished_g) }}.</p>
      </header>
      <PrintStops :advice="plan.advice" />
      <template v-if="!plan.strip">
        <TrueSize
          v-for="face in ['front', 'back']"
          :key="face"
          :src="picture(face)"
          :label="`${piece.document.name}, ${face}, template`"
          :caption="`${face === 'front' ? 'Front' : 'Back'}, true size; check the ruler`"
        />
      </template>
      <PrintCuts :rows="plan.cut_list" />
      <p v-if="bought.length" class="figures">
        Hung on it: {{ bought.map((finding) => `${finding.words}, at the ${finding.side}`).join("; ") }}.
      </p>
      <PrintBeads :beads="plan.beads" />
      <PrintCharts :piece="piece.document" :plan="plan" />
      <PrintGrids :piece="piece.document" :plan="plan" />
      <OrderSteps class="print-order" :plan="plan" :piece="piece.document" @stale="open" />
      <template v-if="plan.strip">
        <TrueSize
          v-for="face in ['front', 'back']"
          :key="face"
          :src="picture(face)"
          :label="`${piece.document.name}, ${face}`"
          :caption="`${face === 'front' ? 'Front' : 'Back'}, true size, from the start of the weave`"
        />
      </template>
    </article>
    <p v-if="piece" class="small quiet">
      Wear eye protection when cutting and hold both sides of the cut. Keep offcuts away from children and pets. Follow
      product labels and local rules for finishes and metals.
    </p>
  </main>
</template>
