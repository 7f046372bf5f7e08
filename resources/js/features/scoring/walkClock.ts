/**
 * The time in the walk, in milliseconds. It never runs backwards, whatever the device's clock does, and goes on
 * after a reload: the time away counts if it was short (a reload, a crash), and is left out if it was long.
 */
export class WalkClock {
    /** Longest absence that still counts as part of the walk. */
    static readonly LONGEST_GAP_MS = 10 * 60 * 1000;

    #baseMs = 0;
    #startedAt = performance.now();
    #running = false;

    constructor(private readonly key: string) {}

    /** @param lastMs time of the last mark known to anybody */
    resume(lastMs: number, running: boolean): void {
        this.#baseMs = Math.max(lastMs, this.#remembered());
        this.#startedAt = performance.now();
        this.#running = running;
    }

    nowMs(): number {
        return this.#running ? this.#baseMs + Math.round(performance.now() - this.#startedAt) : this.#baseMs;
    }

    /** The time for a mark; it also starts the clock and is remembered for a reload. */
    stamp(): number {
        if (!this.#running) this.resume(this.#baseMs, true);
        const now = this.nowMs();
        try {
            localStorage.setItem(this.key, JSON.stringify([now, Date.now()]));
        } catch {
            // A full storage costs the seconds of a reload, no more.
        }
        return now;
    }

    #remembered(): number {
        const kept = localStorage.getItem(this.key);
        if (kept === null) return 0;
        const [at, wall] = JSON.parse(kept) as [number, number];
        const gap = Date.now() - wall;
        return gap >= 0 && gap <= WalkClock.LONGEST_GAP_MS ? at + gap : at;
    }
}
