<script setup lang="ts">
import { computed } from "vue";
import { article } from "../common/article";
import { useUnfold } from "../common/useUnfold";
import { useBench } from "../bench/useBench";
import { isStrip, withKindOfPiece } from "../bench/kinds";
import FindingAdd from "../findings/FindingAdd.vue";
import { closedBy } from "../findings/findings";
import EndingAdd from "../sections/EndingAdd.vue";
import EndingLines from "../sections/EndingLines.vue";
import MeetingAdd from "../sections/MeetingAdd.vue";
import MeetingLines from "../sections/MeetingLines.vue";
import SectionAdd from "../sections/SectionAdd.vue";
import SectionLine from "../sections/SectionLine.vue";
import { useFormat } from "../units/format";
import BraceletEnds from "./BraceletEnds.vue";
import LiveChoice from "./LiveChoice.vue";
import WornWords from "./WornWords.vue";

/** The piece in sentences, every value alive: what it is, each of its sections, and how its wires end. */
const bench = useBench();
const format = useFormat();
const piece = computed(() => bench.draft.value!);
const plan = computed(() => bench.answer.value!.plan);
/** One straight strip, as long as what it is worn on asks for; any other kind is put together from sections. */
const strip = computed(() => isStrip(bench.catalogue.value!, piece.value));
const kinds = computed(() => bench.catalogue.value!.kinds);
const takeKind = (kind: string) =>
  bench.change(withKindOfPiece(piece.value, kind, bench.catalogue.value!, plan.value.sections));

const { topic: closing, unfold: unfoldClosing, fold: foldClosing } = useUnfold<"closing">();
const worn = computed(() => plan.value.worn);
const front = computed(() => plan.value.front);
</script>

<template>
  <section class="brief" aria-label="The brief">
    <p class="sentence">
      {{ article(piece.kind) === "an" ? "An" : "A" }}
      <LiveChoice :value="piece.kind" :options="kinds" label="Kind of piece" @change="takeKind" />
      <WornWords /><template v-if="piece.kind === 'bracelet'"
        >, closed by a
        <button type="button" class="unfold" :aria-expanded="closing !== null" @click="unfoldClosing('closing')">
          {{ closedBy(piece) }}
        </button></template
      ><template v-if="piece.sections.length > 1">, of {{ piece.sections.length }} sections</template>.
    </p>
    <div
      v-if="closing && piece.kind === 'bracelet'"
      class="fine-print d-flex gap-3 align-items-start rounded bg-body-tertiary ps-3 pe-2 py-1 serif lh-lg"
    >
      <BraceletEnds />
      <BCloseButton aria-label="Fold away" @click="foldClosing" />
    </div>
    <ol class="plain">
      <SectionLine v-for="(section, index) in piece.sections" :key="section.id" :index="index" />
    </ol>
    <p v-if="worn && !strip" class="reached border-top pt-2 fw-semibold figures">
      It reaches {{ format.length(worn.strip_mm) }}; {{ format.length(worn.wanted_mm) }} is asked for ({{
        format.signed(worn.off_mm, ["short", "over"])
      }}).
    </p>
    <p v-if="front" class="reached border-top pt-2 fw-semibold figures">
      Its front runs {{ format.length(front.curve_mm) }} along, {{ format.length(front.chord_mm) }} straight across, and
      drops {{ format.length(front.drop_mm) }}; each side takes {{ format.length(front.chain_mm) }} of chain, clasp and
      all.
    </p>
    <template v-if="strip">
      <EndingLines worked />
      <div class="mt-2"><EndingAdd worked /></div>
    </template>
    <template v-else>
      <MeetingLines />
      <EndingLines />
      <div class="d-flex flex-wrap gap-2 mt-2"><EndingAdd /><FindingAdd /><MeetingAdd /><SectionAdd /></div>
    </template>
  </section>
</template>
