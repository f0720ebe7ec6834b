import { useStorage } from "@vueuse/core";
import { ApiProblem } from "../api/call";
import { api } from "../api/client";

type Said = Parameters<typeof api.practised>[0];
/** No more is kept here while Meander is away. */
const MOST = 500;

/** What was practised and not sent yet; kept here while Meander is away. */
const unsent = useStorage<Said[]>("meander-practised", []);
let sending: Promise<void> | null = null;

/** Sends it, one after the other; what cannot be taken is let go. Where Meander is away it stays here. */
export const sendPractised = () => (sending ??= sendAll().finally(() => (sending = null)));

async function sendAll() {
  for (let away = false; !away && unsent.value.length;) {
    await api.practised(unsent.value[0]!).catch((error: unknown) => (away = !(error instanceof ApiProblem)));
    if (!away) unsent.value = unsent.value.slice(1);
  }
}

/** Counts once, however often it is sent. */
export function keepPractised(said: Omit<Said, "id">) {
  unsent.value = [...unsent.value, { ...said, id: crypto.randomUUID() }].slice(-MOST);
  void sendPractised();
}
