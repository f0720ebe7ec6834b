<script setup lang="ts">
import { computed, ref } from "vue";

/** A picture at true size, on as many sheets as it takes: each overlaps the next, whose edge is laid on a dashed line. */
defineProps<{ src: string; label: string; caption: string }>();
/** What fits on a sheet of A4 or Letter, landscape, its margins and a caption taken off; how far sheets overlap. In mm. */
const SHEET = { wide: 255, high: 170 };
const OVERLAP = 10;
const PX_PER_MM = 96 / 25.4;
const size = ref<[number, number] | null>(null);
const measure = (event: Event) => {
  const { naturalWidth, naturalHeight } = event.target as HTMLImageElement;
  size.value = [naturalWidth / PX_PER_MM, naturalHeight / PX_PER_MM];
};
/** Where sheets begin along a length, in mm. */
const begins = (mm: number, sheet: number) => {
  const count = mm <= sheet ? 1 : Math.ceil((mm - OVERLAP) / (sheet - OVERLAP));
  return Array.from({ length: count }, (_, i) => i * (sheet - OVERLAP));
};
const sheets = computed(() => {
  if (!size.value) return [];
  const [columns, rows] = [begins(size.value[0], SHEET.wide), begins(size.value[1], SHEET.high)];
  return rows.flatMap((top, row) =>
    columns.map((left, column) => ({
      left,
      top,
      wide: Math.min(SHEET.wide, size.value![0] - left),
      high: Math.min(SHEET.high, size.value![1] - top),
      right: column < columns.length - 1,
      below: row < rows.length - 1,
    })),
  );
});
const mm = (length: number) => `${length}mm`;
</script>

<template>
  <figure v-if="sheets.length < 2" class="true-size">
    <figcaption>{{ caption }}</figcaption>
    <img :src="src" :alt="label" @load="measure" />
  </figure>
  <figure v-for="(sheet, i) in sheets.length > 1 ? sheets : []" :key="i" class="true-size sheet">
    <figcaption>
      {{ caption }}; sheet {{ i + 1 }} of {{ sheets.length
      }}{{ sheet.right || sheet.below ? ": lay the edge of the next on the dashed line" : "" }}
    </figcaption>
    <div class="sheet-window" :style="{ width: mm(sheet.wide), height: mm(sheet.high) }">
      <img
        :src="src"
        :alt="`${label}, sheet ${i + 1} of ${sheets.length}`"
        :style="{ left: mm(-sheet.left), top: mm(-sheet.top) }"
      />
      <i v-if="sheet.right" class="overlap-right" :style="{ right: mm(OVERLAP) }" />
      <i v-if="sheet.below" class="overlap-below" :style="{ bottom: mm(OVERLAP) }" />
    </div>
  </figure>
</template>
