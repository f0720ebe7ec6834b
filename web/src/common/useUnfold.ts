import { onKeyStroke } from "@vueuse/core";
import { nextTick, ref, type Ref } from "vue";

/** What is unfolded from a word: one topic at a time, closed by its word, or by Esc from anywhere; the focus goes back. */
export function useUnfold<Topic extends string>() {
  const topic = ref(null) as Ref<Topic | null>;
  let from: HTMLElement | null = null;

  function unfold(next: Topic) {
    from = document.activeElement as HTMLElement | null;
    topic.value = topic.value === next ? null : next;
  }
  function fold() {
    if (topic.value === null) return;
    topic.value = null;
    void nextTick(() => from?.isConnected && from.focus());
  }
  onKeyStroke("Escape", (event) => {
    if (event.defaultPrevented || document.querySelector(".modal.show, .offcanvas.show, .dropdown-menu.show")) return;
    fold();
  });
  return { topic, unfold, fold };
}
