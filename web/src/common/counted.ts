const PLURAL = /\b(wrap|turn|place|frame|coil|circuit|repeat|time|pass(?=es))e?s\b/;

/** Words that tell of many, as they are said of so many: "3 wraps", "1 wrap". */
export const counted = (words: string, count: unknown) => (count === 1 ? words.replace(PLURAL, "$1") : words);
