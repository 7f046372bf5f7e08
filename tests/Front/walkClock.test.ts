import { WalkClock } from '@/shared/attempt/walkClock';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Storage } from './device';

const MINUTE = 60_000;

describe('the clock of a walk', () => {
    beforeEach(() => void vi.useFakeTimers({ now: 1_000_000 }));
    afterEach(() => void vi.useRealTimers());
    const pass = (ms: number): void => void vi.advanceTimersByTime(ms);
    const opened = (lastMs = 0, running = false): WalkClock => {
        const clock = new WalkClock('walk');
        clock.resume(lastMs, running);
        return clock;
    };

    it('stands until the first mark, and runs from then on', () => {
        const clock = opened();
        pass(5000);
        expect([clock.nowMs(), clock.stamp()]).toEqual([0, 0]);
        pass(2500);
        expect([clock.nowMs(), clock.stamp()]).toEqual([2500, 2500]);
    });

    it('stands still in a pause', () => {
        const clock = opened();
        clock.stamp();
        pass(4000);
        clock.pause(true);
        pass(30_000);
        expect([clock.paused, clock.nowMs(), clock.stamp()]).toEqual([true, 4000, 4000]);
        clock.pause(false);
        pass(1000);
        expect([clock.paused, clock.nowMs()]).toEqual([false, 5000]);
    });

    it.each([
        ['a reload', 20_000, 24_000],
        ['ten minutes away', 10 * MINUTE, 10 * MINUTE + 4000],
        ['longer than that', 10 * MINUTE + 1, 4000],
        ['a night', 600 * MINUTE, 4000],
    ])('counts the time away after %s as part of the walk, or not', (_, awayMs, nowMs) => {
        const before = opened();
        before.stamp();
        pass(4000);
        before.stamp();
        pass(awayMs);
        expect(opened(0, true).nowMs()).toBe(nowMs);
    });

    it('goes on paused after a reload in a pause', () => {
        const before = opened();
        before.stamp();
        pass(4000);
        before.pause(true);
        pass(20_000);
        const after = opened(0, true);
        pass(1000);
        expect([after.paused, after.nowMs()]).toEqual([true, 4000]);
    });

    it('never goes behind the last mark that anybody knows', () => {
        expect(opened(90_000, true).nowMs()).toBe(90_000);
    });

    it.each([
        ['forward', 3 * MINUTE, 3],
        ['backward', -120 * MINUTE, -120],
        ['by a little', 30_000, 0],
    ])('notices that the clock of the device was moved %s, and is not led by it', (_, byMs, minutes) => {
        const clock = opened();
        clock.stamp();
        pass(2000);
        vi.setSystemTime(Date.now() + byMs);
        expect([clock.jumpedMinutes(), clock.nowMs()]).toEqual([minutes, 2000]);
    });

    it('runs on when the device can keep nothing', () => {
        (localStorage as unknown as Storage).full = true;
        const clock = opened();
        clock.stamp();
        pass(700);
        expect(clock.stamp()).toBe(700);
    });
});
