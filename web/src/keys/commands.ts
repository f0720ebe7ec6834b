import { computed, onBeforeUnmount, shallowReactive } from "vue";
import { useSettings } from "../settings/useSettings";

/** Something a maker can do, in words; with the key that does it while nothing is typed. */
export interface Command {
  words: string;
  key?: string;
  run: () => void;
  /** Why it cannot be done now. */
  off?: string | false;
}

const offered = shallowReactive(new Set<() => Command[]>());

/** Offers commands for as long as the component stands. */
export function useCommands(list: () => Command[]) {
  offered.add(list);
  onBeforeUnmount(() => offered.delete(list));
}

/** All there are on this page. */
export const commands = computed(() => [...offered].flatMap((list) => list()));

const TYPING = "input:not([type=range]):not([type=checkbox]), select, textarea, [contenteditable]";
const isTyping = ({ target }: KeyboardEvent) => target instanceof HTMLElement && target.matches(TYPING);
const inDialog = () => document.querySelector(".modal.show, .offcanvas.show") !== null;

/** Does what a single key asks for, unless the maker has switched single keys off, types, or answers a dialog. */
export function onSingleKey(event: KeyboardEvent) {
  if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event) || inDialog() || !useSettings().keys) return;
  const command = commands.value.find((one) => one.key === event.key);
  if (!command || command.off) return;
  event.preventDefault();
  command.run();
}
