const MM_PER_INCH = 25.4;
/** Inches are told in the coarsest of these parts that is off by no more than its share, else in thousandths. */
const PARTS: [number, number][] = [
  [16, 0.01],
  [32, 0.01],
  [64, 0.03],
];

export function trimmed(value: number, digits: number): string {
  const text = value.toFixed(digits);
  return (text.includes(".") ? text.replace(/\.?0+$/, "") : text).replace(/^-0$/, "0");
}

function fraction(number: number, parts: number): string {
  let [rest, of] = [Math.abs(number) % parts, parts];
  const whole = (Math.abs(number) - rest) / parts;
  while (rest && rest % 2 === 0) [rest, of] = [rest / 2, of / 2];
  const told = [whole || !rest ? `${whole}` : "", rest ? `${rest}/${of}` : ""].filter(Boolean).join(" ");
  return `${number < 0 ? "-" : ""}${told} in`;
}

/** Lengths in inches as makers read them, to the same digit as the core tells them in sentences (Units::Said). */
export const inches = {
  length: (mm: number) => {
    const inch = mm / MM_PER_INCH;
    const fit = PARTS.find(
      ([parts, off]) => Math.abs(Math.round(inch * parts) - inch * parts) <= off * Math.abs(inch) * parts,
    );
    return fit ? fraction(Math.round(inch * fit[0]), fit[0]) : `${trimmed(inch, 3)} in`;
  },
  /** Rounded up to the next sixteenth. */
  cut: (mm: number) => fraction(Math.ceil((mm / MM_PER_INCH) * 16 - 1e-6), 16),
  wire: (mm: number) => `${trimmed(mm / MM_PER_INCH, 4)} in`,
};
