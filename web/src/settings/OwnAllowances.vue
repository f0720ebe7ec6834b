<script setup lang="ts">
import { computed, ref } from "vue";
import type { Maker } from "../api/client";
import { useMaker } from "./useMaker";

/** What tails and margins new pieces begin with: the usual, or those of a piece the maker took them from. */
const { maker, say } = useMaker();
const fault = ref("");
const words = computed(() => {
  const own = maker.allowances;
  if (!own) return "the usual tails and margins";
  const { tail, waste, working_length, base_tail, margin } = own;
  return `weaving tails of ${tail.typed}, waste of ${waste.typed}, lengths of at most ${working_length.typed}, base tails of ${base_tail.typed} and ${Number((margin * 100).toFixed(2))} % to be safe`;
});
async function put(allowances: Maker["allowances"]) {
  try {
    await say({ ...maker, allowances });
    fault.value = "";
  } catch {
    fault.value = "Meander cannot be reached";
  }
}
</script>

<template>
  <p class="mb-3">
    New pieces begin with {{ words }}.
    <BButton v-if="maker.allowances" variant="link" class="p-0" @click="put(null)">Back to the usual</BButton>
    <span v-else class="quiet">Any piece can lend its own: see what its weaving wire is bound with.</span>
    <small v-if="fault" class="text-danger" role="alert">{{ fault }}</small>
  </p>
</template>
