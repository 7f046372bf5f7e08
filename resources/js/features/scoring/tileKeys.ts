/** One key for each of the first twenty items of a place, in reading order: a digit, or Shift and a digit. */
const DIGITS = '1234567890';

export const keyOf = (index: number): string => {
    const digit = DIGITS[index % 10] ?? '';
    return index < 10 ? digit : index < 20 ? `⇧${digit}` : '';
};

/** The item that a digit key means, by the key's place on the board: with Shift it sends another character. */
export function tileOf(event: KeyboardEvent): number | undefined {
    const digit =
        /^(?:Digit|Numpad)(\d)$/.exec(event.code)?.[1] ?? (DIGITS.includes(event.key) ? event.key : undefined);
    if (digit === undefined || digit === '') return undefined;
    return DIGITS.indexOf(digit) + (event.shiftKey ? 10 : 0);
}

/** Letters mark the points of an opened item, in the order they stand. */
export const pointKeyOf = (index: number): string => String.fromCharCode(97 + index);
export const pointOf = (key: string): number => (/^[a-z]$/.test(key) ? key.charCodeAt(0) - 97 : -1);
