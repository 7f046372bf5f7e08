/** What went wrong, in words for the person at the screen. */
export const wordsOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));
