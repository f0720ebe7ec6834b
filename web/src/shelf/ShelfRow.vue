<script setup lang="ts">
import { computed, nextTick, ref } from "vue";
import { RouterLink } from "vue-router";
import type { ShelfPiece } from "../api/client";
import FinishedPicture from "../finished/FinishedPicture.vue";
import StripPicture from "../strip/StripPicture.vue";
import { usePicture } from "../strip/usePicture";
import { finishedHeight } from "../finished/paintFinished";
import { kindWords } from "../bench/kinds";
import { useSeen } from "../common/useSeen";
import { useFormat } from "../units/format";
import BandAbove from "./BandAbove.vue";

/** One piece on the shelf: its strip and its band to the scale all pieces share. */
const props = defineProps<{ piece: ShelfPiece; scale: number }>();
const emit = defineEmits<{ rename: [name: string]; duplicate: []; setAside: []; stale: [] }>();

const format = useFormat();
const row = ref<HTMLElement | null>(null);
/** A piece is drawn once it comes into sight. */
const seen = useSeen(row);
const picture = usePicture(
  computed(() => (seen.value ? props.piece.strip?.picture : undefined)),
  () => emit("stale"),
);
const tone = (wire: string, depth = 2) => picture.value?.tones[wire]?.[depth]?.[0] as string;
/** Its place is kept before it is drawn, so that nothing moves under the pointer. */
const STRIP_PADDING_PX = 12;
const reserved = computed(() => {
  const { strip, extent } = props.piece;
  if (strip) return Math.ceil(strip.across_mm * props.scale) + 4 + STRIP_PADDING_PX;
  return finishedHeight(extent, props.scale) + STRIP_PADDING_PX;
});
const BAND_SCALE = 1.62;
/** A strip that is worn round something is seen from above, too. */
const band = computed(() =>
  props.piece.strip && props.piece.worn ? { ...props.piece.strip, ...props.piece.worn } : null,
);
const bandPx = computed(() =>
  band.value ? BAND_SCALE * (band.value.round_mm / Math.PI + band.value.thickness_mm + 1) : 0,
);
const finished = computed(() => {
  const { finished, extent, beads } = props.piece;
  return finished && beads ? { finished, extent, beads } : null;
});
const renaming = ref(false);
const name = ref("");
const field = ref<HTMLInputElement | null>(null);

async function startRenaming() {
  name.value = props.piece.name;
  renaming.value = true;
  await nextTick();
  field.value?.select();
}
function finishRenaming() {
  if (!renaming.value) return;
  renaming.value = false;
  if (name.value.trim() && name.value !== props.piece.name) emit("rename", name.value);
}
const about = computed(() => {
  const { worn, kind, pieces, strip, sections } = props.piece;
  const what = pieces === 2 ? "Pair of earrings" : kindWords(kind, worn, format.length);
  return `${what} · ${strip ? `${strip.repeats} repeats` : sections.join(", ")}`;
});
const wires = computed(() => [...new Set(props.piece.wires)].join(", "));
</script>

<template>
  <li ref="row" class="shelf-row" :data-piece="piece.name">
    <div class="shelf-band" :style="{ minHeight: `${bandPx}px` }">
      <BandAbove
        v-if="picture && band"
        :round-mm="band.round_mm"
        :opening-mm="band.opening_mm"
        :thickness-mm="band.thickness_mm"
        :colour="tone((picture.rods[0] ?? picture.strands[0]!).wire)"
        :weave="tone(picture.placements[0]!.wire)"
        :edge="tone(picture.placements[0]!.wire, 0)"
        :scale="BAND_SCALE"
      />
    </div>
    <div class="shelf-body">
      <div class="shelf-words">
        <input
          v-if="renaming"
          ref="field"
          v-model="name"
          class="shelf-rename"
          aria-label="New name"
          maxlength="120"
          @blur="finishRenaming"
          @keydown.enter="finishRenaming"
          @keydown.esc="renaming = false"
        />
        <RouterLink v-else class="shelf-name" :to="`/pieces/${piece.id}`">{{ piece.name }}</RouterLink>
        <span class="quiet figures">{{ about }}</span>
        <span v-if="piece.stops" class="shelf-stop">cannot be made as it stands</span>
      </div>
      <RouterLink
        class="shelf-strip"
        :style="{ minHeight: `${reserved}px` }"
        :to="`/pieces/${piece.id}`"
        tabindex="-1"
        aria-hidden="true"
      >
        <FinishedPicture
          v-if="finished && seen"
          :shown="finished"
          face="front"
          :scale="scale"
          :label="`${piece.name}, finished`"
          @stale="emit('stale')"
        />
        <StripPicture v-else-if="picture" :picture="picture" :scale="scale" :label="`${piece.name}, strip`" />
      </RouterLink>
      <div class="shelf-foot">
        <span class="quiet shelf-wires">{{ wires }}</span>
        <button type="button" class="quiet-act" :aria-label="`Rename ${piece.name}`" @click="startRenaming">
          Rename
        </button>
        <button type="button" class="quiet-act" :aria-label="`Duplicate ${piece.name}`" @click="emit('duplicate')">
          Duplicate
        </button>
        <button type="button" class="quiet-act" :aria-label="`Delete ${piece.name}`" @click="emit('setAside')">
          Delete
        </button>
      </div>
    </div>
  </li>
</template>
