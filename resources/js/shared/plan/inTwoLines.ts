/** A name in one or two lines of about the same length, broken between words. */
export function inTwoLines(name: string): string[] {
    if (name.length <= 13 || !name.includes(' ')) return [name];
    const gaps = [...name].flatMap((letter, at) => (letter === ' ' ? [at] : []));
    const middle = name.length / 2;
    const gap = gaps.reduce((best, at) => (Math.abs(at - middle) < Math.abs(best - middle) ? at : best));
    return [name.slice(0, gap), name.slice(gap + 1)];
}
