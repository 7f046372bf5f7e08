/** A stretch of live captions. An interim one is replaced by what comes next; a final one stands. */
export interface LivePiece {
    text: string;
    final: boolean;
}

/** Where live captions come from. */
export interface CaptionSource {
    readonly name: string;
    start(hear: (piece: LivePiece) => void, fail: (why: string) => void): void;
    stop(): void;
}
