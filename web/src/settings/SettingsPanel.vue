<script setup lang="ts">
import OwnAllowances from "./OwnAllowances.vue";
import OwnPaces from "./OwnPaces.vue";
import PaceField from "./PaceField.vue";
import PushField from "./PushField.vue";
import { useSettings } from "./useSettings";

/** How this maker works and likes to see things, all in one place. */
const open = defineModel<boolean>({ required: true });
const emit = defineEmits<{ said: [] }>();
const settings = useSettings();

const CHOICES = [
  {
    key: "units",
    name: "Lengths in",
    options: [
      { value: "mm", text: "millimetres" },
      { value: "in", text: "inches" },
    ],
  },
  {
    key: "hand",
    name: "The hand that weaves",
    options: [
      { value: "right", text: "right" },
      { value: "left", text: "left" },
    ],
  },
  {
    key: "theme",
    name: "The bench is",
    options: [
      { value: "light", text: "light" },
      { value: "dark", text: "dark" },
      { value: "device", text: "as this device" },
    ],
  },
  {
    key: "motion",
    name: "What moves by itself",
    options: [
      { value: "device", text: "as this device" },
      { value: "still", text: "nothing" },
    ],
  },
] as const;
const name = (text: string, whole: string) => `${whole}: ${text}`;
</script>

<template>
  <BOffcanvas v-model="open" title="How you work" placement="end" lazy>
    <fieldset v-for="choice in CHOICES" :key="choice.key" class="mb-3">
      <legend class="fs-6 quiet mb-1">{{ choice.name }}</legend>
      <BButtonGroup :aria-label="choice.name">
        <BButton
          v-for="option in choice.options"
          :key="option.value"
          variant="outline-secondary"
          :pressed="settings[choice.key] === option.value"
          :aria-label="name(option.text, choice.name)"
          @click="(settings[choice.key] as string) = option.value"
        >
          {{ option.text }}
        </BButton>
      </BButtonGroup>
    </fieldset>
    <p class="mb-3">
      You weave <PaceField @said="emit('said')" />, <PushField @said="emit('said')" />. Hours and counts follow.
    </p>
    <OwnPaces @said="emit('said')" />
    <OwnAllowances />
    <BFormCheckbox v-model="settings.keys" switch>Single keys do something while nothing is typed</BFormCheckbox>
  </BOffcanvas>
</template>
