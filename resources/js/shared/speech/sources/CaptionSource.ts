/** A stretch of live captions. An interim one is replaced by what comes next; a final one stands. */
export interface LivePiece {
    text: string;
    final: boolean;
    /** When it was said, by the walk's clock; now where it is not told. */
    from_ms?: number;
    /** How it may be read, the text among it; nothing where there is but one reading. */
    alternatives?: { text: string; weight: number }[];
}

/** Where live captions come from. */
export interface CaptionSource {
    readonly name: string;
    start(hear: (piece: LivePiece) => void, fail: (why: string) => void): void;
    stop(): void;
}
