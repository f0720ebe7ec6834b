import type { Kind } from "./kinds";

interface Named {
  key: string;
  name: string;
}

/** The longest name that a text has in it. */
function said(text: string, all: Named[]): Named | undefined {
  const plain = ` ${text.toLowerCase().replace(/[-\s]+/g, " ")} `;
  return all
    .filter((one) => plain.includes(` ${one.name.toLowerCase().replace(/-/g, " ")} `))
    .sort((a, b) => b.name.length - a.name.length)[0];
}

/** A wire as people say it, "18 awg half-hard brass": its size, and metal and temper where they are said, too. */
export function asSaid(text: string, metals: Named[], tempers: Named[]): Partial<Kind> & { size: { typed: string } } {
  const [metal, temper] = [said(text, metals), said(text, tempers)];
  const names = [metal, temper].flatMap((one) => (one ? [one.name] : []));
  const without = names.reduce(
    (rest, name) => rest.replace(new RegExp(name.replace(/[-\s]/g, "[-\\s]+"), "i"), " "),
    text,
  );
  const size = without
    .replace(/\b(wire|of|in)\b/gi, " ")
    .replace(/[\s,]+$/, "")
    .trim();
  return {
    size: { typed: size || text },
    ...(metal && size ? { metal: metal.key as Kind["metal"] } : {}),
    ...(temper && size ? { temper: temper.key as Kind["temper"] } : {}),
  };
}
