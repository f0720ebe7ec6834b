/** "a" or "an", as the word after it asks. */
export const article = (word: string) => (/^[aeiou]/i.test(word) ? "an" : "a");
