const NAMED: Record<string, number> = {
    'a quarter': 1 / 4,
    quarter: 1 / 4,
    'one quarter': 1 / 4,
    'a half': 1 / 2,
    half: 1 / 2,
    'one half': 1 / 2,
    'three quarters': 3 / 4,
    'three quarter': 3 / 4,
    'an eighth': 1 / 8,
    eighth: 1 / 8,
};
const SIGNS: Record<string, string> = {
    '¼': '1/4',
    '½': '1/2',
    '¾': '3/4',
    '⅛': '1/8',
    '⅜': '3/8',
    '⅝': '5/8',
    '⅞': '7/8',
};
const UNITS = /\s*(?:["”″%°]|in|inch|inches|psi|pounds?|degrees?|seconds?|s|volts?|v|feet|ft)\.?$/;

const THIRTY_SECONDS = '1/32 in';

/**
 * A figure as people type it: "4", ".25", "1/4", "1 1/2", "¼", "quarter inch"; of a tread "4/32" is 4, as its unit is
 * 1/32 in. Undefined where it is none.
 */
export function figureSaid(typed: string, unit: string): number | undefined {
    let text = typed.trim().toLowerCase().replace(',', '.');
    for (const [sign, digits] of Object.entries(SIGNS)) text = text.replace(sign, ` ${digits}`);
    text = text
        .replace(/\s+/g, ' ')
        .replace(/ of an inch$/, '')
        .replace(UNITS, '')
        .trim();
    const tread = unit === THIRTY_SECONDS ? /^(\d+) ?\/ ?32(?:nds?)?$/.exec(text) : null;
    if (tread !== null) return Number(tread[1]);
    const named = NAMED[text];
    if (named !== undefined) return named;
    const match = /^(?:(\d*\.\d{1,3}|\d+\.?)|(?:(\d+)[ -])?(\d+) ?\/ ?(\d+))$/.exec(text);
    if (match === null) return undefined;
    if (match[1] !== undefined) return Number(match[1]);
    const [whole, part, of] = [Number(match[2] ?? 0), Number(match[3]), Number(match[4])];
    return of === 0 ? undefined : Math.round((whole + part / of) * 1000) / 1000;
}
