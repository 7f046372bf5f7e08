import { useLoad } from '@/shared/useLoad';
import { useLookAgain } from '@/shared/useLookAgain';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, type EffectScope } from 'vue';

describe('what is being worked out', () => {
    beforeEach(() => void vi.useFakeTimers());
    afterEach(() => void vi.useRealTimers());

    function asking(answers: boolean[]): { page: EffectScope; asked: () => number } {
        let n = 0;
        const page = effectScope();
        page.run(() =>
            useLookAgain(
                useLoad(() => Promise.resolve(answers[n++] ?? false)),
                (isOpen) => isOpen,
            ),
        );
        return { page, asked: () => n };
    }

    it('is asked for until it is there, and no longer', async () => {
        const { asked } = asking([true, true, false]);
        await vi.advanceTimersByTimeAsync(60_000);
        expect(asked()).toBe(3);
    });

    it('is not asked for any more when the page is left', async () => {
        const { page, asked } = asking([true, true, true]);
        await vi.advanceTimersByTimeAsync(1000);
        page.stop();
        await vi.advanceTimersByTimeAsync(60_000);
        expect(asked()).toBe(1);
    });
});
