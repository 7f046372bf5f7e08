import { ApiProblem, Unreachable } from '@/shared/api/client';
import { useDraft, type OpenDraft } from '@/features/library/useDraft';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, type EffectScope } from 'vue';
import { settle } from './made';

interface Named {
    name: string;
}
const api = vi.hoisted(() => ({
    readDraft: vi.fn(),
    readEditorWords: vi.fn(),
    readEffect: vi.fn(),
    saveDraft: vi.fn(),
    undoDraft: vi.fn(),
    redoDraft: vi.fn(),
}));
vi.mock('@/features/library/api', () => api);

const read = (name: string, step = 1): object => ({ id: 'd', step, faults: [], document: { name } });
const kept = (): string | null => localStorage.getItem('pasada-draft-d');

describe('a draft', () => {
    let scope: EffectScope;
    const open = async (): Promise<OpenDraft<Named>> => {
        scope = effectScope();
        const draft = scope.run(() => useDraft<Named>('d')) as OpenDraft<Named>;
        await settle();
        return draft;
    };
    const rename = (draft: OpenDraft<Named>, name: string): void =>
        draft.change((document) => {
            document.name = name;
        });

    beforeEach(() => {
        for (const one of Object.values(api)) one.mockReset().mockResolvedValue({});
        api.readDraft.mockResolvedValue(read('old'));
        api.saveDraft.mockImplementation((_: string, step: number, { name }: Named) =>
            Promise.resolve(read(name, step + 1)),
        );
    });
    afterEach(() => scope.stop());

    it('is on the device until the server has it', async () => {
        const draft = await open();
        rename(draft, 'new');
        expect(kept()).toBe('{"name":"new"}');
        await draft.save();
        expect([kept(), draft.saving.value, draft.draft.value?.step]).toEqual([null, 'saved', 2]);
    });

    it('sends what was typed while it was being sent', async () => {
        const draft = await open();
        rename(draft, 'new');
        api.saveDraft.mockImplementationOnce((_: string, step: number) => {
            rename(draft, 'newer');
            return Promise.resolve(read('new', step + 1));
        });
        await draft.save();
        expect(api.saveDraft.mock.calls.map(([, step, { name }]) => [step, name] as unknown)).toEqual([
            [1, 'new'],
            [2, 'newer'],
        ]);
        expect([kept(), draft.document.value]).toEqual([null, { name: 'newer' }]);
    });

    it('sends after a reload what was typed before it', async () => {
        localStorage.setItem('pasada-draft-d', '{"name":"typed"}');
        const draft = await open();
        await draft.save();
        expect([draft.document.value, draft.draft.value?.step]).toEqual([{ name: 'typed' }, 2]);
    });

    it.each([
        ['kept', new Unreachable()],
        ['kept', new ApiProblem(422, 'no name')],
        ['conflict', new ApiProblem(409, 'changed by another', [], '/problems/draft-moved-on')],
    ])('is %s where it could not be sent, with the words of it', async (state, error) => {
        const draft = await open();
        api.saveDraft.mockRejectedValue(error);
        rename(draft, 'new');
        await draft.save();
        expect([draft.saving.value, draft.why.value, kept()]).toEqual([state, error.message, '{"name":"new"}']);
    });

    it('is loaded anew where another has changed it, without what could not be sent', async () => {
        const draft = await open();
        api.saveDraft.mockRejectedValue(new ApiProblem(409, 'no', [], '/problems/draft-moved-on'));
        rename(draft, 'mine');
        await draft.save();
        api.readDraft.mockResolvedValue(read('theirs', 7));
        await draft.reload();
        expect([draft.document.value, draft.saving.value, kept()]).toEqual([{ name: 'theirs' }, 'saved', null]);
    });
});
