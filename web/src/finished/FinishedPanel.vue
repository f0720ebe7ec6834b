<script setup lang="ts">
import { computed, onBeforeUnmount, ref, useTemplateRef } from "vue";
import { useBench } from "../bench/useBench";
import { partsWords } from "../answers/parts";
import type { Plan } from "../generated/plan";
import { useFormat } from "../units/format";
import { litVisits, useLit } from "../wires/useLit";
import { liesDown } from "./paintFinished";
import EndPoints from "./EndPoints.vue";
import FinishedPicture from "./FinishedPicture.vue";
import { useNear } from "./useNear";
import { useStageHeight } from "./useStageHeight";

/** The piece as it will look, front and back beside each other or one of them large. */
const props = defineProps<{ plan: Plan; title: string; section: string | null }>();
const emit = defineEmits<{ stale: []; choose: [section: string] }>();
const format = useFormat();
const heightPx = useStageHeight();
const LYING_PX = 130;
type Show = "front" | "back" | "both";
const show = ref<Show>("both");
const FACES: { key: Show; name: string }[] = [
  { key: "both", name: "Both faces" },
  { key: "front", name: "Front" },
  { key: "back", name: "Back" },
];
const faces = computed<("front" | "back")[]>(() => (show.value === "both" ? ["front", "back"] : [show.value]));
const size = computed(() => props.plan.extent.map(([low, high]) => high! - low!) as [number, number]);
const height = computed(() => (liesDown(props.plan.extent) ? LYING_PX : heightPx.value));
const box = ref<HTMLElement | null>(null);
const pictures = useTemplateRef<InstanceType<typeof FinishedPicture>[]>("pictures");
/** A press takes a section in hand. */
const look = useNear(box, (event) => {
  const found = pictures.value?.map((one) => one.at(event)).find((section) => section !== null);
  if (found) emit("choose", found);
});
/** What the pictures show, for those who do not see them. */
const about = computed(() => {
  const [wide, long] = size.value.map((mm) => format.length(mm));
  const number = props.plan.sections.findIndex((one) => one.id === props.section) + 1;
  return `${wide} wide, ${long} long: ${partsWords(props.plan.sections)}${number ? `; section ${number} in hand` : ""}`;
});
/** Wires that were asked for among the cuts, and where they go. */
const lit = useLit();
const bench = useBench();
const shown = computed(() => lit.wires.value.filter((id) => props.plan.wires.some((wire) => wire.id === id)));
const visits = computed(() => litVisits(bench.answer.value!.document, props.plan, shown.value));
onBeforeUnmount(lit.clear);
/** Wires are led on the picture: press an end, then where it goes. */
const leading = ref(false);
const turn = () => (show.value = show.value === "back" ? "front" : "back");
defineExpose({ turn });
</script>

<template>
  <section class="panel" aria-label="The finished piece">
    <header class="panel-head d-flex flex-wrap align-items-center gap-2">
      <h2 class="visually-hidden">Finished, to scale</h2>
      <BButtonGroup aria-label="Faces">
        <BButton
          v-for="face in FACES"
          :key="face.key"
          variant="outline-secondary"
          :pressed="show === face.key"
          @click="show = face.key"
        >
          {{ face.name }}
        </BButton>
      </BButtonGroup>
      <BButtonGroup aria-label="How near">
        <BButton variant="outline-secondary" aria-label="Farther" :disabled="look.farthest()" @click="look.farther"
          >−</BButton
        >
        <BButton variant="outline-secondary" :disabled="look.farthest()" @click="look.whole">Whole</BButton>
        <BButton variant="outline-secondary" aria-label="Nearer" :disabled="look.nearest()" @click="look.nearer"
          >+</BButton
        >
      </BButtonGroup>
      <BButton
        v-if="plan.sections.length > 1"
        variant="outline-secondary"
        :pressed="leading"
        @click="leading = !leading"
        >Lead wires</BButton
      >
      <span class="flex-fill" />
      <span class="quiet figures">{{ format.length(size[0]) }} wide, {{ format.length(size[1]) }} long</span>
    </header>
    <div
      ref="box"
      class="finished-faces"
      :class="{ near: look.near.value.k > 1 }"
      :style="{ '--face': liesDown(plan.extent) ? '100%' : '280px' }"
      tabindex="0"
      role="group"
      aria-label="The finished piece, near or far: plus, minus, 0 and the arrow keys"
      v-on="look.on"
    >
      <figure v-for="face in faces" :key="face" class="text-center">
        <FinishedPicture
          ref="pictures"
          :near="look.near.value"
          :shown="plan"
          :face="face"
          :later="face === 'back'"
          :height="height"
          :label="`${title}, ${about}, finished, ${face}`"
          :section="section"
          :wires="shown"
          :visits="visits"
          @stale="emit('stale')"
        >
          <template #default="{ page, width, height: high }">
            <EndPoints v-if="leading && face === faces[0]" :page="page" :width="width" :height="high" />
          </template>
        </FinishedPicture>
        <figcaption class="quiet">{{ face }}</figcaption>
      </figure>
    </div>
  </section>
</template>
