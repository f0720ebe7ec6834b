<script setup lang="ts">
import { computed, ref } from "vue";
import type { TrayBead } from "../api/client";
import BeadLook from "../beads/BeadLook.vue";
import SiteBar from "../common/SiteBar.vue";
import { useFormat } from "../units/format";
import TrayForm from "./TrayForm.vue";
import { BLANK, type Entry, entryOf, useTray } from "./useTray";

/** The maker's tray: every kind of bead to hand, drawn to one scale. */
const tray = useTray();
const format = useFormat();
const SCALE = 7;
/** The one that is being changed; "new" for one that is added. */
const open = ref<TrayBead | "new" | null>(null);
const start = computed<Entry>(() => (open.value && open.value !== "new" ? entryOf(open.value) : BLANK));
const title = computed(() => (open.value && open.value !== "new" ? `Change ${open.value.bead.name}` : "A new bead"));
const nameOf = (list: "materials" | "shapes", key: string) =>
  tray.catalogue.value![list].find((one) => one.key === key)?.name ?? key;
const guessed = (bead: TrayBead, key: "length" | "width" | "hole" | "mass") => bead.bead.guessed.includes(key);
function look(bead: TrayBead | "new" | null) {
  tray.forget();
  open.value = bead;
}
async function keep(entry: Entry) {
  const id = open.value && open.value !== "new" ? open.value.id : null;
  if (await tray.keep(entry, id)) open.value = null;
}
</script>

<template>
  <SiteBar />
  <main class="page container-xl px-4 pb-4 tray">
    <div class="d-flex flex-wrap align-items-center gap-3 mb-3">
      <h1>The tray</h1>
      <BButton variant="primary" @click="look('new')">New bead</BButton>
      <span class="quiet">Every bead to hand, drawn to one scale.</span>
    </div>
    <p v-if="tray.trouble.value" class="alert alert-danger trouble" role="alert">{{ tray.trouble.value }}</p>
    <p v-if="tray.dropped.value" class="alert alert-primary d-inline-flex align-items-center gap-3" role="status">
      {{ tray.dropped.value.name }} is removed.
      <BButton variant="outline-primary" @click="tray.restore">Bring it back</BButton>
    </p>
    <TrayForm
      v-if="open && tray.catalogue.value"
      :key="open === 'new' ? 'new' : open.id"
      :start="start"
      :words="tray.catalogue.value"
      :faults="tray.faults.value"
      :title="title"
      @keep="keep"
      @leave="look(null)"
    />
    <p v-if="!tray.beads.value && !tray.trouble.value" role="status">Laying out the tray…</p>
    <p v-else-if="tray.beads.value && !tray.beads.value.length" class="empty p-5 serif fs-4">
      Nothing in the tray. Measure a bead and put it in: its size and its hole decide what it can be threaded on.
    </p>
    <ul v-else-if="tray.beads.value" class="tray-list" aria-label="Beads">
      <li
        v-for="one in tray.beads.value"
        :key="one.id"
        class="panel d-flex flex-wrap gap-3 align-items-center"
        :data-bead="one.bead.name"
      >
        <span class="tray-look text-center"><BeadLook :look="one.kind.look" :scale="SCALE" /></span>
        <div class="col">
          <h2>{{ one.bead.name }}</h2>
          <p class="figures">
            {{ nameOf("materials", one.bead.material) }}, {{ nameOf("shapes", one.bead.shape) }},
            {{ format.length(one.kind.along_mm) }} along its hole, {{ format.length(one.kind.across_mm) }} across
          </p>
          <p class="figures">
            hole <b>{{ format.wire(one.kind.hole_mm) }}</b>{{ guessed(one, "hole") ? " (guessed)" : "" }} ·
            {{ format.mass(one.kind.mass_g) }} each{{ guessed(one, "mass") ? " (guessed)" : "" }}
          </p>
        </div>
        <p class="tray-stock text-end figures">
          <strong class="d-block fs-4">{{ one.stock }}</strong> to hand
        </p>
        <p class="d-flex gap-2 w-100">
          <BButton variant="link" :aria-label="`Change ${one.bead.name}`" @click="look(one)"> Change </BButton>
          <BButton variant="link" :aria-label="`Remove ${one.bead.name}`" @click="tray.drop(one)"> Remove </BButton>
        </p>
      </li>
    </ul>
  </main>
</template>
