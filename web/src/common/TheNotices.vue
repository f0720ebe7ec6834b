<script setup lang="ts">
import { notices, take, type Notice } from "./notices";

/** What was just done, at the foot of the window for some seconds. */
const SHOWN_MS = 9000;

function act(notice: Notice) {
  take(notice.id);
  notice.act!.run();
}
</script>

<template>
  <div class="toast-container position-fixed bottom-0 start-50 translate-middle-x p-3" aria-live="polite">
    <BToast
      v-for="notice in notices"
      :key="notice.id"
      :model-value="SHOWN_MS"
      is-status
      no-progress
      body-class="d-flex align-items-center gap-3"
      @hidden="take(notice.id)"
    >
      <span class="flex-fill">{{ notice.words }}</span>
      <BButton v-if="notice.act" variant="link" size="sm" @click="act(notice)">{{ notice.act.words }}</BButton>
      <BCloseButton aria-label="Put this notice away" @click="take(notice.id)" />
    </BToast>
  </div>
</template>
