<script setup lang="ts">
import { RouterView } from "vue-router";
import TheNotices from "./common/TheNotices.vue";
import { useKeptFocus } from "./common/useKeptFocus";

useKeptFocus();
</script>

<template>
  <RouterView v-slot="{ Component, route }">
    <component :is="Component" :key="route.path" />
  </RouterView>
  <TheNotices />
</template>
