/** One key per tile, in reading order; enough for the largest place. N, comma, full stop and Z are taken. */
const KEYS = [...'1234567890qwertyuiopasdfghjkl'];

export const keyOf = (index: number): string => KEYS[index] ?? '';
export const tileOf = (key: string): number => KEYS.indexOf(key.toLowerCase());
