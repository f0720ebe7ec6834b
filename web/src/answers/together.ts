const BASE = /^base wire, ([^,;]+)((?:, section \d+)?)(?:; (.+))?$/;

const WEAVES = /^weaves section (\d+), (.+)$/;

const list = (all: string[]) => (all.length < 2 ? all.join() : `${all.slice(0, -1).join(", ")} and ${all.at(-1)}`);

/**
 * What lengths that are cut alike are for, said once: "base wires, near and far", "base wires 1, 2 and 3, section 1;
 * wire 2 cut away after weaving", "weaves sections 1 to 5, repeats 1 to 41".
 */
export function together(uses: string[]): string {
  const read = uses.map((use) => BASE.exec(use));
  if (uses.length < 2) return uses.join();
  const woven = uses.map((use) => WEAVES.exec(use));
  if (woven[0] && woven.every((one) => one?.[2] === woven[0]![2]))
    return `weaves sections ${sectionsNamed(woven.map((one) => Number(one![1])))}, ${woven[0][2]}`;
  if (read.some((one) => !one)) return uses.join("; ");
  const places = Map.groupBy(read as RegExpExecArray[], ([, , section]) => section!);
  return [...places].map(([section, wires]) => wiresIn(section, wires)).join("; ");
}

/** Sections by their numbers: "2", "1 and 4", "1 to 6". */
export function sectionsNamed(numbers: number[]): string {
  const row = numbers.length > 2 && numbers.every((number, i) => number === numbers[0]! + i);
  return row ? `${numbers[0]} to ${numbers.at(-1)}` : list(numbers.map(String));
}

function wiresIn(section: string, wires: RegExpExecArray[]): string {
  const names = wires.map(([, name]) => name!);
  const numbered = names.every((name) => name.startsWith("wire "));
  const told = numbered ? ` ${list(names.map((name) => name.slice(5)))}` : `, ${list(names)}`;
  const notes = wires.flatMap(([, name, , note]) => (note ? `; ${name} ${note}` : []));
  return `base ${wires.length > 1 ? "wires" : "wire"}${told}${section}${notes.join("")}`;
}
