const FRACTION = /^(?:(\d+)[ -]+)?(\d+)\/(\d+)(.*)$/;
const GAUGE = /^(\d+)(\s*(?:awg|swg))$/i;
const NUMBER = /^(\d*[.,]?\d+)(.*)$/;
const RING = /^(us|iso|uk)(\s*)(\d+(?:[.,]\d+)?|[a-z])(.*)$/i;
const COARSE: Record<string, number> = { cm: 0.1, m: 0.1, in: 0.125, '"': 0.125 };

function eighths(whole: string | undefined, top: string, bottom: string, direction: number, rest: string): string {
  const next = Math.max(Math.round((Number(whole ?? 0) + Number(top) / Number(bottom)) * 8) + direction, 1);
  const [full, part] = [Math.floor(next / 8), next % 8];
  const divisor = part % 4 === 0 ? 4 : part % 2 === 0 ? 2 : 1;
  const fraction = part === 0 ? "" : `${part / divisor}/${8 / divisor}`;
  return [full || "", fraction].filter(Boolean).join(" ") + rest;
}

/** Ring sizes go by halves in the US, by millimetres in ISO, by letters in the UK. */
function ringSize([, system, space, size, rest]: RegExpExecArray, direction: number): string {
  if (/[a-z]/i.test(size!)) {
    const letter = Math.min(Math.max(size!.toUpperCase().charCodeAt(0) + direction, 65), 90);
    return `${system}${space}${String.fromCharCode(letter)}${rest}`;
  }
  const by = system!.toLowerCase() === "us" ? 0.5 : 1;
  return `${system}${space}${Math.max(Number(size!.replace(",", ".")) + direction * by, 0)}${rest}`;
}

/**
 * The next larger or smaller value in the words it was typed in: a number moves by `step` (in mm) or its unit's own,
 * a fraction by an eighth, a ring size by its system's step, a gauge by one number (up is thicker). Text that is no number comes back unchanged.
 */
export function stepText(text: string, direction: 1 | -1, step: number): string {
  const plain = text.trim();
  const gauge = GAUGE.exec(plain);
  if (gauge) return `${Math.max(Number(gauge[1]) - direction, 0)}${gauge[2]}`;
  const fraction = FRACTION.exec(plain);
  if (fraction) return eighths(fraction[1], fraction[2]!, fraction[3]!, direction, fraction[4]!);
  const ring = RING.exec(plain);
  if (ring) return ringSize(ring, direction);
  const number = NUMBER.exec(plain);
  if (!number) return text;
  const by = COARSE[number[2]!.trim()] ?? step;
  const next = Math.max(Number(number[1]!.replace(",", ".")) + direction * by, 0);
  return `${Number(next.toFixed(3))}${number[2]}`;
}
