import { ApiProblem, raise } from "../api/call";

/** Wider or higher is made smaller before it is sent, in pixels. */
const MOST_PIXELS = 2400;

/**
 * Turns a photo upright, makes it smaller where it is very large and sends it; drawing it anew leaves out whatever was
 * told in it beside the picture. Answers what stood in the way, if anything did.
 */
export async function putPhoto(making: string, file: File): Promise<string> {
  try {
    const upright = await drawn(file).catch(() => file);
    const response = await fetch(`/api/makings/${making}/photos`, {
      method: "POST",
      headers: { "content-type": upright.type || "application/octet-stream" },
      body: upright,
    });
    if (!response.ok) await raise(response);
    return "";
  } catch (error) {
    if (!(error instanceof ApiProblem)) return `${file.name}: Meander cannot be reached, try again.`;
    const [first] = error.faults;
    return `${file.name}: ${first ? `${first.message}. Accepted: ${first.accepted}.` : error.message}`;
  }
}

async function drawn(file: File): Promise<Blob> {
  const picture = await createImageBitmap(file, { imageOrientation: "from-image" });
  const scale = Math.min(1, MOST_PIXELS / Math.max(picture.width, picture.height));
  const canvas = new OffscreenCanvas(Math.round(picture.width * scale), Math.round(picture.height * scale));
  canvas.getContext("2d")!.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return canvas.convertToBlob({ type: file.type === "image/png" ? "image/png" : "image/jpeg", quality: 0.9 });
}
