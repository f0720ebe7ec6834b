<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from "vue";
import { RouterLink } from "vue-router";
import { api, type BeadKind, type TrayBead } from "../api/client";
import { useBench } from "../bench/useBench";
import type { Plan } from "../generated/plan";
import { useFormat } from "../units/format";
import BeadAdd from "./BeadAdd.vue";
import { same } from "./document";
import HeldGap from "./HeldGap.vue";
import KindLine from "./KindLine.vue";
import PlacementLine from "./PlacementLine.vue";
import StringView from "./StringView.vue";

/** The beads of a piece: where they are placed, in what order they are strung, and what they are. */
const props = defineProps<{ beads: Plan["beads"]; own: Plan["own"]; pieces?: number }>();
const bench = useBench();
const format = useFormat();
const piece = computed(() => bench.draft.value!);
const tray = shallowRef<TrayBead[]>([]);
const trouble = ref("");
const read = ref(false);
onMounted(async () => {
  try {
    tray.value = (await api.tray()).beads;
    read.value = true;
  } catch {
    trouble.value = "The tray cannot be read";
  }
});
const kindOf = (id: string) => props.beads.kinds.find((one) => one.id === id);
const toldOf = (id: string) => props.beads.placed.find((one) => one.id === id);
const carried = computed(() => props.own.filter((one) => one.kind === "beads"));

/** How many of a kind the piece takes, and how many of it lie in the tray (none there: not known). */
const needed = (id: string) =>
  (props.pieces ?? 1) * props.beads.placed.reduce((sum, one) => sum + (one.bead === id ? one.count : 0), 0);
const stockOf = (kind: BeadKind) => tray.value.find((one) => same(one.bead, kind))?.stock;
</script>

<template>
  <section class="panel beads-panel" aria-label="Beads">
    <header class="panel-head d-flex flex-wrap align-items-center gap-2">
      <h2>Beads <small v-if="!piece.beads.length">none yet</small></h2>
      <span class="flex-fill" />
      <RouterLink to="/tray">The tray</RouterLink>
    </header>
    <ul v-if="piece.beads.length" class="plain">
      <PlacementLine
        v-for="(placed, i) in piece.beads"
        :key="placed.id"
        :index="i"
        :told="toldOf(placed.id)"
        :kind="kindOf(placed.bead)"
      />
    </ul>
    <p v-if="trouble" class="alert alert-danger trouble" role="alert">{{ trouble }}</p>
    <p v-else-if="read && !tray.length && !piece.tray?.length" class="quiet">
      No beads to place: <RouterLink to="/tray">put the first into the tray</RouterLink>.
    </p>
    <BeadAdd v-else :tray="tray" :told="beads.kinds" />
    <template v-if="beads.strings.length">
      <h3 class="mt-3">String them in this order</h3>
      <StringView v-for="(string, i) in beads.strings" :key="i" :string="string" :kinds="beads.kinds" :number="i + 1" />
    </template>
    <p v-for="(one, i) in carried" :key="i" class="figures">
      Cut <b>{{ format.cut(one.cut_mm) }}</b> of {{ one.words }}: it {{ one.use }}.
    </p>
    <template v-if="beads.held.length">
      <h3 class="mt-3">Gaps to hold while you weave</h3>
      <ul class="held-gaps d-grid gap-2 mb-2 ps-3">
        <HeldGap v-for="(held, i) in beads.held" :key="i" :held="held" />
      </ul>
    </template>
    <template v-if="piece.tray?.length">
      <h3 class="mt-3">What they are</h3>
      <ul class="plain">
        <KindLine
          v-for="(kind, i) in piece.tray"
          :key="kind.id"
          :index="i"
          :told="kindOf(kind.id)"
          :needed="needed(kind.id)"
          :stock="stockOf(kind)"
        />
      </ul>
    </template>
  </section>
</template>
