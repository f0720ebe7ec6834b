<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, ref } from "vue";
import { useRouter } from "vue-router";
import type { BraidSample } from "../api/braids";
import { api } from "../api/client";
import { withSample } from "../crafts/braid/braid";
import BraidCards from "../crafts/braid/BraidCards.vue";
import type { FabricSample } from "../api/fabrics";
import { withSample as withFabric } from "../crafts/crochet/crochet";
import FabricCards from "../crafts/crochet/FabricCards.vue";
import type { KnotSample } from "../api/knots";
import { withSample as withKnots } from "../crafts/knot/knot";
import KnotCards from "../crafts/knot/KnotCards.vue";
import { createBench, provideBench } from "../bench/useBench";
import LiveSize from "../brief/LiveSize.vue";
import SiteBar from "../common/SiteBar.vue";
import type { Piece } from "../generated/piece";
import WeaveCollection from "./WeaveCollection.vue";

/** The weaves by themselves, in wires one can try; a cuff begins with the one that is chosen. */
const router = useRouter();
const bench = createBench(null);
provideBench(bench);
const plan = computed(() => bench.answer.value?.plan);
const AcrossCrafts = defineAsyncComponent(() => import("./AcrossCrafts.vue"));
/** Whether what all crafts make of these wires stands side by side. */
const across = ref(false);
/** Tried anew in other wires. */
const wires = computed(() => bench.answer.value?.document.kinds.map((kind) => kind.size.mm).join(" "));

async function begin(document: Piece) {
  try {
    const cuff = await api.start("cuff");
    await api.save(cuff.id, cuff.revision, { ...document, name: cuff.name });
    await router.push(`/pieces/${cuff.id}`);
  } catch {
    bench.trouble.value = "This could not be saved: Meander cannot be reached";
  }
}
async function beginBraid(sample: BraidSample) {
  try {
    const begun = await api.start("plait");
    const kinds = begun.document.kinds.map((kind) => ({ ...kind, size: bench.draft.value!.kinds[0]!.size }));
    const document = withSample({ ...begun.document, kinds } as Piece, begun.document.sections[0]!.id, sample);
    await api.save(begun.id, begun.revision, document);
    await router.push(`/pieces/${begun.id}`);
  } catch {
    bench.trouble.value = "This could not be saved: Meander cannot be reached";
  }
}
async function beginFabric(sample: FabricSample) {
  try {
    const begun = await api.start("crochet");
    const kinds = begun.document.kinds.map((kind) => ({ ...kind, size: bench.draft.value!.kinds[1]!.size }));
    const document = withFabric({ ...begun.document, kinds } as Piece, begun.document.sections[0]!.id, sample);
    const found = sample.fabric.kind === "band" && sample.fabric.lying === "along";
    const loose = {
      ...document,
      kind: "component",
      worn: null,
      pins: [],
      endings: [],
      wires: document.wires.map((wire) => ({ ...wire, ends: { start: null, end: null } })),
      sections: document.sections.map((one) => ({ ...one, extent: { kind: "repeats", count: sample.count } })),
    };
    await api.save(begun.id, begun.revision, found ? document : (loose as never));
    await router.push(`/pieces/${begun.id}`);
  } catch {
    bench.trouble.value = "This could not be saved: Meander cannot be reached";
  }
}
/** In cord as thick as the base wire. */
async function beginKnots(sample: KnotSample) {
  try {
    const begun = await api.start("knotted");
    const kinds = begun.document.kinds.map((kind) => ({ ...kind, size: bench.draft.value!.kinds[0]!.size }));
    const document = withKnots({ ...begun.document, kinds } as Piece, begun.document.sections[0]!.id, sample);
    await api.save(begun.id, begun.revision, document);
    await router.push(`/pieces/${begun.id}`);
  } catch {
    bench.trouble.value = "This could not be saved: Meander cannot be reached";
  }
}
/** What the cards of knots are drawn in. */
const cord = computed(() => bench.catalogue.value?.metals.find((one) => one.cord)?.colour ?? "gray");
onMounted(() => void bench.lay("cuff"));
</script>

<template>
  <SiteBar @said="bench.replan" />
  <main class="page container-xl px-4 pb-4">
    <h1>The weaves</h1>
    <template v-if="plan">
      <p class="sentence">
        Base wires of <LiveSize path="/kinds/0/size" label="Base wire" :by="0.1" wire />, woven with
        <LiveSize path="/kinds/1/size" label="Weaving wire" :by="0.05" wire />. A new cuff begins with the one you
        choose.
      </p>
      <BAlert v-for="fault in bench.faults.value" :key="fault.message" :model-value="true" variant="danger">
        {{ fault.message }}. Accepted: {{ fault.accepted }}.
      </BAlert>
      <p class="my-2">
        <BButton variant="outline-primary" :aria-expanded="across" @click="across = !across">{{
          across ? "Fold the comparison away" : "Compare across the crafts"
        }}</BButton>
      </p>
      <AcrossCrafts
        v-if="across"
        :base="bench.draft.value!.kinds[0]!.size"
        :working="bench.draft.value!.kinds[1]!.size"
      />
      <WeaveCollection :key="wires" :begin="begin" />
      <h2 class="mt-4">The braids</h2>
      <p class="sentence">The same base wire braided. A new bracelet begins with the one you choose.</p>
      <BraidCards :wire="bench.draft.value!.kinds[0]!.size" :colour="plan.wires[0]!.colour" @take="beginBraid" />
      <h2 class="mt-4">The crocheted fabrics</h2>
      <p class="sentence">The same weaving wire crocheted. A new piece begins with the one you choose.</p>
      <FabricCards :wire="bench.draft.value!.kinds[1]!.size" @take="beginFabric" />
      <h2 class="mt-4">The knots</h2>
      <p class="sentence">Cord as thick as the base wire, knotted. A new bracelet begins with the one you choose.</p>
      <KnotCards :cord="bench.draft.value!.kinds[0]!.size" :colour="cord" @take="beginKnots" />
    </template>
    <p v-if="bench.trouble.value" class="alert alert-danger trouble" role="alert">{{ bench.trouble.value }}</p>
    <p v-else-if="!plan" role="status">Laying out the weaves…</p>
  </main>
</template>
