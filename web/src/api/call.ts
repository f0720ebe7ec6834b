import { reactive } from "vue";
import type { Fault } from "../generated/fault";
import type { StoredPiece } from "./client";

/** An answer that is a problem: what is wrong, and with which fields. */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    detail: string,
    readonly faults: Fault[],
    /** On a stale save: the piece as it was saved meanwhile. */
    readonly current: StoredPiece | null,
  ) {
    super(detail);
  }
}

/** In which unit sentences are asked for. */
export const sentences = reactive({ units: "mm" as "mm" | "in" });

export async function call<T>(method: string, path: string, body?: unknown): Promise<T> {
  const response = await fetch(path, {
    method,
    headers: {
      "meander-units": sentences.units,
      ...(body === undefined ? {} : { "content-type": "application/json" }),
    },
    body: body === undefined ? undefined : JSON.stringify(body),
  });
  if (response.status === 204) return undefined as T;
  if (!response.ok) return raise(response);
  return (await response.json().catch(() => null)) as T;
}

/** An answer that is a problem, as such. */
export async function raise(response: Response): Promise<never> {
  const answer = await response.json().catch(() => null);
  throw new ApiProblem(
    response.status,
    answer?.detail ?? "Meander did not answer",
    answer?.faults ?? [],
    answer?.current ?? null,
  );
}
