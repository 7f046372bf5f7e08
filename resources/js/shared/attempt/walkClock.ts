interface Kept {
    /** Time in the walk, and the device's clock then; both in milliseconds. */
    at: number;
    wall: number;
    paused: boolean;
}

/**
 * The time in the walk. It starts with the first mark, never runs backwards, stands still in a pause, and goes on
 * after a reload: the time away counts if it was short (a reload, a crash), and is left out if it was long.
 */
export class WalkClock {
    /** Longest absence that still counts as part of the walk. */
    static readonly LONGEST_GAP_MS = 10 * 60 * 1000;
    /** A device's clock that moves against its own running time by more than this has jumped. */
    static readonly JUMP_MS = 60_000;

    #baseMs = 0;
    #startedAt = performance.now();
    #wallAt = Date.now();
    #running = false;
    #paused = false;

    constructor(private readonly key: string) {}

    /** @param lastMs time of the last mark known to anybody */
    resume(lastMs: number, running: boolean): void {
        const kept = this.#remembered();
        this.#baseMs = Math.max(lastMs, kept.at);
        this.#paused = kept.paused;
        this.#go(running && !kept.paused);
    }

    get paused(): boolean {
        return this.#paused;
    }

    pause(paused: boolean): void {
        this.#baseMs = this.nowMs();
        this.#paused = paused;
        this.#go(!paused);
        this.#keep();
    }

    nowMs(): number {
        return this.#running ? this.#baseMs + Math.round(performance.now() - this.#startedAt) : this.#baseMs;
    }

    /** Minutes by which the device's own clock was moved since the walk was opened; 0 if it was not. */
    jumpedMinutes(): number {
        const moved = Date.now() - this.#wallAt - (performance.now() - this.#startedAt);
        return Math.abs(moved) > WalkClock.JUMP_MS ? Math.round(moved / 60_000) : 0;
    }

    /** The time for a mark; it also starts the clock and is remembered for a reload. */
    stamp(): number {
        if (!this.#running && !this.#paused) this.#go(true);
        const now = this.nowMs();
        this.#keep();
        return now;
    }

    #go(running: boolean): void {
        this.#startedAt = performance.now();
        this.#wallAt = Date.now();
        this.#running = running;
    }

    #keep(): void {
        const kept: Kept = { at: this.nowMs(), wall: Date.now(), paused: this.#paused };
        try {
            localStorage.setItem(this.key, JSON.stringify(kept));
        } catch {
            // A full storage costs the seconds of a reload, no more.
        }
    }

    #remembered(): { at: number; paused: boolean } {
        const text = localStorage.getItem(this.key);
        if (text === null) return { at: 0, paused: false };
        const kept = JSON.parse(text) as Kept;
        const gap = Date.now() - kept.wall;
        const counts = !kept.paused && gap >= 0 && gap <= WalkClock.LONGEST_GAP_MS;
        return { at: counts ? kept.at + gap : kept.at, paused: kept.paused };
    }
}
