import { ref, shallowRef } from "vue";
import { api, ApiProblem, type Catalogue, type Shelf } from "../api/client";

/** The shelf of pieces, with everything that can be done to one without opening it. */
export function useShelf() {
  const shelf = shallowRef<Shelf | null>(null);
  const trouble = ref<string[]>([]);
  /** The piece just deleted, for taking it back. */
  const gone = ref<{ id: string; name: string } | null>(null);

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

  const rename = (id: string, name: string) =>
    act(async () => {
      const piece = await api.open(id);
      await api.save(id, piece.revision, { ...piece.document, name });
    });

  async function setAside(piece: { id: string; name: string }) {
    await act(() => api.setAside(piece.id));
    gone.value = { id: piece.id, name: piece.name };
  }

  async function restore(id: string) {
    await act(() => api.restore(id));
    if (gone.value?.id === id) gone.value = null;
  }

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

  const start = (kind: keyof Catalogue["starts"]) =>
    act(async () => await api.create((await api.catalogue()).starts[kind]));

  return {
    shelf,
    trouble,
    gone,
    load,
    rename,
    setAside,
    restore,
    bringIn,
    start,
    duplicate: (id: string) => act(() => api.duplicate(id)),
    mend: (id: string) => act(() => api.mend(id)),
  };
}
