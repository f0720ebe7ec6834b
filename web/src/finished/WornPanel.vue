<script setup lang="ts">
import type { Picture } from "../generated/picture";
import { useStageHeight } from "./useStageHeight";
import type { Round } from "./paintWorn";
import WornPicture from "./WornPicture.vue";

/** A strip as it is worn, as large as the stage lets it. */
defineProps<{ picture: Picture | null; round: Round; title: string }>();
const height = useStageHeight();
</script>

<template>
  <section class="panel" aria-label="The finished piece">
    <WornPicture
      v-if="picture"
      :picture="picture"
      :round="round"
      :height="height + 60"
      :label="`${title}, as it is worn, its opening at the back`"
    />
  </section>
</template>
