<script setup lang="ts">
import { computed, nextTick, ref, watch } from "vue";
import { type Command, commands } from "./commands";

/** Whatever can be done here, found by typing what is wanted; the fields of the sentence in hand are among it. */
const open = defineModel<boolean>({ required: true });
const wanted = ref("");
const at = ref(0);
const fields = ref<Command[]>([]);
const MOST = 9;

/** A field of the brief is gone to. */
function fieldsHere(): Command[] {
  const all = document.querySelectorAll<HTMLElement>("[data-part=brief] :is(input, select, textarea)[aria-label]");
  return [...all]
    .filter((field) => field.checkVisibility())
    .map((field) => ({
      words: `Change ${field.ariaLabel!.charAt(0).toLowerCase()}${field.ariaLabel!.slice(1)}`,
      run: () => field.focus(),
    }));
}
const words = (text: string) => text.toLowerCase().split(/\s+/).filter(Boolean);
const found = computed(() => {
  const asked = words(wanted.value);
  const fits = (one: Command) => asked.every((word) => words(one.words).some((other) => other.startsWith(word)));
  return [...commands.value, ...fields.value].filter(fits).slice(0, MOST);
});
watch(wanted, () => (at.value = 0));

function shown() {
  wanted.value = "";
  at.value = 0;
  fields.value = fieldsHere();
}
async function take(command: Command | undefined) {
  if (!command || command.off) return;
  open.value = false;
  await nextTick();
  // Once the dialog has given the focus back.
  setTimeout(command.run, 60);
}
function key(event: KeyboardEvent) {
  const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
  if (event.key === "Enter") void take(found.value[at.value]);
  else if (by) at.value = (at.value + by + found.value.length) % Math.max(found.value.length, 1);
  else return;
  event.preventDefault();
}
</script>

<template>
  <BModal v-model="open" title="What do you want to do?" no-footer lazy focus="wanted" @show="shown">
    <BFormInput
      id="wanted"
      v-model="wanted"
      autocomplete="off"
      placeholder="A few letters will do"
      aria-label="What you want to do"
      role="combobox"
      aria-expanded="true"
      aria-controls="wanted-list"
      :aria-activedescendant="found.length ? `wanted-${at}` : undefined"
      @keydown="key"
    />
    <div id="wanted-list" class="list-group mt-2" role="listbox" aria-label="What can be done">
      <button
        v-for="(command, i) in found"
        :id="`wanted-${i}`"
        :key="command.words"
        type="button"
        role="option"
        tabindex="-1"
        class="list-group-item list-group-item-action"
        :class="{ active: i === at, disabled: command.off }"
        :aria-selected="i === at"
        @click="take(command)"
      >
        <span class="flex-fill">{{ command.words }}</span>
        <small v-if="command.off" class="quiet">{{ command.off }}</small>
        <kbd v-else-if="command.key">{{ command.key }}</kbd>
      </button>
    </div>
    <p v-if="!found.length" class="quiet mt-2">Nothing here is called so.</p>
  </BModal>
</template>
