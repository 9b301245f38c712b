/** Words at the beginning of a sentence. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A title within a sentence. */
export const lower = (title: string): string => title.charAt(0).toLowerCase() + title.slice(1);

/** A word with the article that it takes: “a roll”, “an accordion”. */
export const withArticle = (word: string): string => `${/^[aeiou]/i.test(word) ? 'an' : 'a'} ${word}`;
