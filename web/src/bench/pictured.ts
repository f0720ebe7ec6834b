import type { Answer } from "../api/client";
import { fetchFinished } from "../finished/finishedPictures";
import type { Finished } from "../generated/finished";
import type { Picture } from "../generated/picture";
import { fetchPicture } from "../strip/usePicture";

/** An answer once its picture is here, too; a picture that cannot be fetched is asked for again where it is shown. */
export async function pictured(planned: Promise<Answer>): Promise<Answer> {
  const answer = await planned;
  const came = answer.drawn ?? {};
  const { strip, finished } = answer.plan;
  if (strip) await fetchPicture(strip, came[strip] as Picture).catch(() => null);
  else
    await Promise.all(
      finished.map(({ picture }) => fetchFinished(picture, came[picture] as Finished).catch(() => null)),
    );
  return answer;
}
