<script setup lang="ts">
import { computed, ref } from "vue";
import { RouterLink } from "vue-router";
import { api, type ShelfPiece } from "../api/client";
import { useSeen } from "../common/useSeen";
import FinishedPicture from "../finished/FinishedPicture.vue";
import WornPicture from "../finished/WornPicture.vue";
import { finishedHeight, finishedWidth } from "../finished/paintFinished";
import { wornSize } from "../finished/paintWorn";
import StripPicture from "../strip/StripPicture.vue";
import { usePicture } from "../strip/usePicture";
import { useAbout } from "./useWall";

/** A piece as it hangs on the wall: finished, to the scale all pieces share, a pair as a pair, a band as it is worn. */
const props = defineProps<{ piece: ShelfPiece; scale: number }>();
const emit = defineEmits<{ rename: []; collect: []; duplicate: []; setAside: []; stale: [] }>();

const about = useAbout();
const item = ref<HTMLElement | null>(null);
/** A piece is drawn once it comes into sight. */
const seen = useSeen(item);
const picture = usePicture(
  computed(() => (seen.value ? props.piece.strip?.picture : undefined)),
  () => emit("stale"),
);
const finished = computed(() => {
  const { finished, extent, beads } = props.piece;
  return finished && beads ? { finished, extent, beads } : null;
});
const one = computed(() => (props.piece.pieces === 2 ? [false, true] : [false]));
/** Its place is kept before it is drawn, so that nothing moves under the pointer. */
const size = computed(() => {
  const { strip, worn, extent } = props.piece;
  if (strip && worn) return wornSize(strip.across_mm, worn).map((mm) => Math.ceil(mm * props.scale));
  if (strip) return [Math.ceil((extent[1]![1]! - extent[1]![0]! + 2) * props.scale), strip.across_mm * props.scale + 4];
  return [finishedWidth(extent, props.scale), finishedHeight(extent, props.scale)];
});
const wires = computed(() => [...new Set(props.piece.wires)].join(", "));
const place = computed(() => `/pieces/${props.piece.id}`);
</script>

<template>
  <li ref="item" class="shelf-item d-flex flex-column justify-content-end mw-100" :data-piece="piece.name">
    <RouterLink
      class="shelf-picture flex-fill d-flex justify-content-center align-items-center gap-3 pb-3"
      :to="place"
      tabindex="-1"
      aria-hidden="true"
    >
      <span
        v-for="mirrored in one"
        :key="String(mirrored)"
        class="d-block"
        :style="{ width: `${size[0]}px`, height: `${size[1]}px` }"
      >
        <FinishedPicture
          v-if="finished && seen"
          :shown="finished"
          face="front"
          :mirrored="mirrored"
          :scale="scale"
          :label="`${piece.name}, finished`"
          @stale="emit('stale')"
        />
        <WornPicture
          v-else-if="picture && piece.worn"
          :picture="picture"
          :round="piece.worn"
          :scale="scale"
          :height="size[1]"
          :label="`${piece.name}, as it is worn`"
        />
        <StripPicture v-else-if="picture" :picture="picture" :scale="scale" :label="`${piece.name}, strip`" />
      </span>
    </RouterLink>
    <div class="shelf-caption border-top">
      <div class="shelf-title d-flex align-items-center gap-1">
        <RouterLink
          class="shelf-name serif fw-semibold fs-5 text-reset text-decoration-none flex-fill text-truncate"
          :to="place"
          :title="piece.name"
          >{{ piece.name }}</RouterLink
        >
        <BDropdown
          v-if="seen"
          text="⋯"
          variant="link"
          no-caret
          :aria-label="`More of ${piece.name}`"
          teleport-to="body"
        >
          <BDropdownItem :to="place">Open</BDropdownItem>
          <BDropdownItem @click="emit('rename')">Rename…</BDropdownItem>
          <BDropdownItem @click="emit('collect')">Hang it in a collection…</BDropdownItem>
          <BDropdownItem @click="emit('duplicate')">Duplicate</BDropdownItem>
          <BDropdownItem :to="`${place}/print`">Printed page</BDropdownItem>
          <BDropdownItem :href="api.file(piece.id, 'document.json')">Save as a file</BDropdownItem>
          <BDropdownItem @click="emit('setAside')">Delete</BDropdownItem>
        </BDropdown>
      </div>
      <div class="shelf-about">
        <span class="two-lines quiet figures" :title="about(piece)">{{ about(piece) }}</span>
        <span v-if="piece.stops" class="two-lines text-danger fw-semibold">cannot be made as it stands</span>
        <span v-else class="two-lines quiet small" :title="wires">{{ wires }}</span>
      </div>
    </div>
  </li>
</template>
