import { useEventListener, useMutationObserver } from "@vueuse/core";

const FOCUSABLE = "a[href], button:not(:disabled), input:not(:disabled), select, textarea, [tabindex='0']";

/**
 * The focus is never lost to the page: where what had it is taken away, it goes to what stands nearest round it.
 */
export function useKeptFocus() {
  let round: Element[] = [];
  useEventListener("focusin", ({ target }) => {
    round = [];
    for (let one = target as Element | null; one && one !== document.body; one = one.parentElement) round.push(one);
  });
  useMutationObserver(
    document.body,
    () => {
      if (document.activeElement !== document.body || !round.length || round[0]!.isConnected) return;
      const [near] = round.filter((one) => one.isConnected && one.checkVisibility());
      if (near?.hasAttribute("tabindex")) return (near as HTMLElement).focus({ preventScroll: true });
      const found = [...(near?.querySelectorAll<HTMLElement>(FOCUSABLE) ?? [])].find((one) => one.checkVisibility());
      round = [];
      found?.focus({ preventScroll: true });
    },
    { childList: true, subtree: true },
  );
}
