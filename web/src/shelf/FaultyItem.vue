<script setup lang="ts">
import { api, type FaultyPiece } from "../api/client";

/** A piece that cannot be planned any more, as after an update: what is wrong with it, and the ways out. */
defineProps<{ piece: FaultyPiece }>();
defineEmits<{ mend: []; setAside: [] }>();
</script>

<template>
  <li
    class="shelf-item d-flex flex-column justify-content-end mw-100 faulty"
    style="width: 26rem"
    :data-piece="piece.name"
  >
    <div class="alert alert-danger">
      <span class="shelf-name serif fw-semibold fs-5 text-reset text-decoration-none">{{ piece.name }}</span> cannot be
      planned.
      <p v-if="!piece.fault.faults.length">{{ piece.fault.detail }}.</p>
      <p v-for="fault in piece.fault.faults.slice(0, 5)" :key="fault.path">
        {{ fault.path || "The piece" }}: {{ fault.message }}. It says {{ fault.given }}; accepted is
        {{ fault.accepted }}.
      </p>
    </div>
    <BButton variant="link" :aria-label="`Go back in ${piece.name}`" @click="$emit('mend')"
      >Go back to the last version that can be planned</BButton
    >
    <BButton variant="link" :href="api.file(piece.id, 'document.json')" :aria-label="`Save ${piece.name} as a file`"
      >Save its file</BButton
    >
    <BButton variant="link" :aria-label="`Delete ${piece.name}`" @click="$emit('setAside')">Delete</BButton>
  </li>
</template>
