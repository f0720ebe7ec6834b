<script setup lang="ts">
import { computed } from "vue";
import { api } from "../../api/client";
import { useBench } from "../../bench/useBench";
import ShortRows from "../ShortRows.vue";
import { knotted, withKnotted, written } from "./knot";

/** The rows of knots, written in short. */
const bench = useBench();
const piece = computed(() => bench.draft.value!);
const short = computed(() => written(knotted(piece.value, bench.hand.value).rows));
const rows = bench.faultAt(bench.path("rows"));
const extent = bench.faultAt(bench.path("extent"));
const standing = computed(() => rows.value ?? extent.value);
async function put(text: string) {
  const read = await bench.saving.during(api.readKnots(text));
  if (written(read.rows) === short.value) return;
  void bench.change(withKnotted(piece.value, bench.hand.value, { rows: read.rows as never }));
}
</script>

<template>
  <div class="flex-fill">
    <ShortRows :short="short" :put="put" :standing="standing" label="The rows of knots in short">
      Row by row from the left, a line each: s4 is a square knot with 4 cords, h a half knot, b a bar of hitches, d a
      slanting one, v upright hitches, o an overhand knot, w4/6 a wrap of six turns, c4 a crown, e4 an exchange, -2
      passes two cords; &gt; or &lt; the side, of a crown clockwise or not; 3s4 three below each other; ~12 before a row
      leaves 12 mm bare; x4 at the end: four rows alike.
    </ShortRows>
  </div>
</template>
