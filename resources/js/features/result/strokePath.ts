/** Strokes, x and y by turns, as the path of an SVG of 1000 by 1000. */
export const strokePath = (strokes: number[][]): string =>
    strokes
        .map((stroke) => {
            const points: string[] = [];
            for (let i = 0; i + 1 < stroke.length; i += 2) points.push(`${stroke[i]} ${stroke[i + 1]}`);
            return `M${points.join('L')}`;
        })
        .join('');
