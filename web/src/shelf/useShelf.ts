import { ref, shallowRef } from "vue";
import { api, ApiProblem, type Shelf, type Start } from "../api/client";
import { useUnitsAnew } from "../api/useUnitsAnew";
import { say } from "../common/notices";

/** The shelf of pieces, with everything that can be done to one without opening it. */
export function useShelf() {
  const shelf = shallowRef<Shelf | null>(null);
  const trouble = ref<string[]>([]);

  /** Runs an action and shows what went wrong; the shelf is read again either way. */
  async function act<T>(action: () => Promise<T>): Promise<T | undefined> {
    trouble.value = [];
    try {
      return await action();
    } catch (error) {
      const faults = error instanceof ApiProblem ? error.faults : [];
      trouble.value = faults.length
        ? faults.map((fault) => `${fault.path}: ${fault.message}. Accepted: ${fault.accepted}.`)
        : [error instanceof Error ? error.message : "Meander did not answer"];
      return undefined;
    } finally {
      await load();
    }
  }

  async function load() {
    try {
      shelf.value = await api.shelf();
    } catch {
      trouble.value = ["Meander cannot be reached. Is it still running?"];
    }
  }

  useUnitsAnew(load);

  const rename = (id: string, name: string) =>
    act(async () => {
      const piece = await api.open(id);
      await api.save(id, piece.revision, { ...piece.document, name });
    });

  async function setAside(piece: { id: string; name: string }) {
    await act(() => api.setAside(piece.id));
    if (!trouble.value.length)
      say(`Deleted ${piece.name}.`, { words: "Bring it back", run: () => void restore(piece.id) });
  }

  const restore = (id: string) => act(() => api.restore(id));

  /** Brings a piece in from its file. */
  const bringIn = (file: File) =>
    act(async () => {
      let document: unknown;
      try {
        document = JSON.parse(await file.text());
      } catch {
        throw new Error(`${file.name} is not a piece: it cannot be read as JSON`);
      }
      return await api.create(document);
    });

  return {
    shelf,
    trouble,
    load,
    rename,
    setAside,
    restore,
    bringIn,
    start: (kind: Start) => act(() => api.start(kind)),
    collect: (id: string, name: string | null) => act(() => api.putInCollection(id, name)),
    duplicate: (id: string) => act(() => api.duplicate(id)),
    mend: (id: string) => act(() => api.mend(id)),
  };
}
