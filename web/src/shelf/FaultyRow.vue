<script setup lang="ts">
import { api, type FaultyPiece } from "../api/client";

/** A piece that cannot be planned any more, as after an update: what is wrong with it, and the ways out. */
defineProps<{ piece: FaultyPiece }>();
defineEmits<{ mend: []; setAside: [] }>();
</script>

<template>
  <li class="shelf-row faulty" :data-piece="piece.name">
    <div class="shelf-band"></div>
    <div class="shelf-body">
      <div class="shelf-words">
        <span class="shelf-name">{{ piece.name }}</span>
        <span class="shelf-stop">cannot be planned</span>
      </div>
      <p v-if="!piece.fault.faults.length">{{ piece.fault.detail }}.</p>
      <p v-for="fault in piece.fault.faults.slice(0, 5)" :key="fault.path">
        {{ fault.path || "The piece" }}: {{ fault.message }}. It says {{ fault.given }}; accepted is
        {{ fault.accepted }}.
      </p>
      <div class="shelf-foot">
        <button type="button" class="quiet-act" :aria-label="`Go back in ${piece.name}`" @click="$emit('mend')">
          Go back to the last version that can be planned
        </button>
        <a class="quiet-act" :href="api.file(piece.id, 'document.json')" :aria-label="`Take out ${piece.name}`"
          >Take out its file</a
        >
        <button type="button" class="quiet-act" :aria-label="`Delete ${piece.name}`" @click="$emit('setAside')">
          Delete
        </button>
      </div>
    </div>
  </li>
</template>
