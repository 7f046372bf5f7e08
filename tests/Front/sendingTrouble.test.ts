import { sendingTrouble } from '@/features/scoring/sendingTrouble';
import type { OutboxState } from '@/shared/outbox/Outbox';
import { describe, expect, it } from 'vitest';

describe('what is in the way of sending', () => {
    it.each([
        [{ state: 'sent' }, 0, false, undefined, undefined],
        [{ state: 'sending', waiting: 3 }, 0, false, undefined, undefined],
        [{ state: 'kept', waiting: 1 }, 0, false, 'The server does not answer', 'Try now'],
        [{ state: 'signed_out', waiting: 1 }, 0, false, 'You were signed out', 'Sign in'],
        [{ state: 'refused', waiting: 1, why: 'Gone.' }, 0, false, 'does not take these marks: Gone.', 'Try again'],
        [{ state: 'unkept', waiting: 1, why: 'full' }, 0, false, 'cannot keep marks (full)', 'Try again'],
        [{ state: 'sent' }, -180, false, 'was moved by 180 minutes', undefined],
        [{ state: 'sent' }, 0, true, 'open in another tab', undefined],
        // What keeps marks here is told before what is merely odd.
        [{ state: 'kept', waiting: 1 }, 180, true, 'The server does not answer', 'Try now'],
    ] as [OutboxState, number, boolean, string | undefined, string | undefined][])(
        'is told of %o with the clock moved by %i and another tab %o',
        (state, jumped, elsewhere, text, act) => {
            const trouble = sendingTrouble(state, jumped, elsewhere);
            if (text === undefined) expect(trouble).toBeUndefined();
            else expect([trouble?.text.includes(text), trouble?.act]).toEqual([true, act]);
        },
    );
});
