import type { Caption, Suggestion } from './api';

/** A run of a caption's text, and the proposals whose evidence it is part of. */
export interface Piece {
    text: string;
    keys: string[];
}

/** Cuts every caption where the evidence of a proposal begins or ends. */
export function piecesOf(captions: Caption[], suggestions: Suggestion[]): Piece[][] {
    const edges = captions.map(({ text }) => new Set([0, text.length]));
    const spans = captions.map((): { from: number; to: number; key: string }[] => []);
    for (const { key, evidence } of suggestions) {
        for (const one of evidence) {
            for (let cue = one.from_cue; cue <= one.to_cue; cue++) {
                const text = captions[cue]?.text ?? '';
                const from = cue === one.from_cue ? one.from : 0;
                const to = cue === one.to_cue ? one.to : text.length;
                edges[cue]?.add(from).add(to);
                spans[cue]?.push({ from, to, key });
            }
        }
    }
    return captions.map(({ text }, cue) => {
        const cuts = [...(edges[cue] ?? [])].sort((a, b) => a - b);
        return cuts.slice(0, -1).map((from, n) => {
            const piece = text.slice(from, cuts[n + 1]);
            const over = (spans[cue] ?? []).filter((span) => span.from <= from && span.to >= (cuts[n + 1] ?? from));
            // A comma between two stretches that overlap is nothing to press.
            return { text: piece, keys: /[\p{L}\p{N}]/u.test(piece) ? over.map(({ key }) => key) : [] };
        });
    });
}
