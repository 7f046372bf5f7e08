import { describe, expect, it } from 'vitest';
import type { ChecklistDocument } from '@/features/library/api';
import { groupParts, hangsOn, takeList, withoutLoose } from '@/features/library/checklist/documentEdits';

function sample(): ChecklistDocument {
    return {
        format: 'pasada-checklist/1',
        id: 'sample',
        version: 1,
        name: 'Sample',
        rules: {
            pass: {
                critical_components: ['a.one', 'a.two'],
                critical_sections: ['cab', 'front'],
                sections: { cab: { percent: 80 }, front: { percent: 70 } },
            },
            brake_tests: { section: 'cab', sequence: 'free', tug: 'any', restarts: 0, weight: 'counted' },
        },
        figures: [
            { id: 'of-one', point: 'depth', components: ['a.one'], unit: '1/32 in', low: 4 },
            { id: 'of-both', point: 'depth', components: ['a.one', 'a.two'], unit: '1/32 in', low: 2 },
            { id: 'of-all', point: 'reading', unit: 'psi', low: 60 },
        ],
        components: [
            { id: 'a.one', name: 'One', essential: ['depth'] },
            { id: 'a.two', name: 'Two', essential: ['depth'] },
            { id: 'a.three', name: 'Three', essential: ['intact'] },
            { id: 'a.group', name: 'Group', parts: ['a.three', 'a.four'] },
            { id: 'a.four', name: 'Four', essential: ['intact'] },
        ],
        sections: [
            { id: 'cab', name: 'Cab', stops: [{ id: 'seat', name: 'Seat', zone: 'cab', asks: ['a.one'] }] },
            {
                id: 'front',
                name: 'Front',
                stops: [{ id: 'hood', name: 'Hood', zone: 'front', asks: ['a.two', 'a.group'] }],
            },
        ],
        forms: { always: ['cab'], draw: [{ id: 'a', name: 'A', sections: ['front'] }] },
    } as unknown as ChecklistDocument;
}

describe('what hangs on a part', () => {
    it('is told before it is dropped', () => {
        expect(hangsOn(sample(), 'a.one')).toEqual(['the figure “of-one”', 'that it has to be earned to pass']);
        expect(hangsOn(sample(), 'a.three')).toEqual(['its place in “Group”']);
        expect(hangsOn(sample(), 'a.group')).toEqual([]);
    });
    it('goes with it, and nothing else does', () => {
        const document = sample();
        document.sections.shift();
        withoutLoose(document);
        expect(document.components.map(({ id }) => id)).toEqual(['a.two', 'a.three', 'a.group', 'a.four']);
        expect(document.figures?.map(({ id, components }) => [id, components])).toEqual([
            ['of-both', ['a.two']],
            ['of-all', undefined],
        ]);
        expect(document.rules.pass).toEqual({
            critical_components: ['a.two'],
            critical_sections: ['front'],
            sections: { front: { percent: 70 } },
        });
        expect(document.rules.brake_tests).toBeUndefined();
        expect(document.forms).toEqual({ always: [], draw: [{ id: 'a', name: 'A', sections: ['front'] }] });
    });
    it('stays where nothing is gone', () => {
        const document = sample();
        withoutLoose(document);
        expect(document).toEqual(sample());
    });
    it('leaves no form without a section, and no forms without one', () => {
        const document = sample();
        document.sections.pop();
        withoutLoose(document);
        expect(document.forms).toBeUndefined();
    });
});

describe('a list that is taken over', () => {
    it('replaces the parts and keeps rules and figures that still fit', () => {
        const document = sample();
        takeList(document, {
            components: [{ id: 'a.two', name: 'The second', essential: ['depth'] }],
            sections: [
                { id: 'all', name: 'All', stops: [{ id: 'hood', name: 'Hood', zone: 'front', asks: ['a.two'] }] },
            ],
            forms: null,
            critical_components: ['a.two'],
        });
        expect(document.components.map(({ name }) => name)).toEqual(['The second']);
        expect(document.figures?.map(({ id }) => id)).toEqual(['of-both', 'of-all']);
        expect(document.rules.pass).toEqual({ critical_components: ['a.two'] });
        expect(document.forms).toBeUndefined();
    });
});

describe('parts asked as one', () => {
    const asks = (document: ChecklistDocument): string[] => document.sections[1]?.stops[0]?.asks ?? [];
    it('are asked no more by themselves, wherever they were', () => {
        const document = sample();
        groupParts(document, 'hood', 'a.two', ['a.one']);
        expect(document.components[1]?.parts).toEqual(['a.one']);
        expect(document.sections[0]?.stops[0]?.asks).toEqual([]);
    });
    it('are asked behind it again once they leave it', () => {
        const document = sample();
        groupParts(document, 'hood', 'a.group', ['a.four']);
        expect([document.components[3]?.parts, asks(document)]).toEqual([['a.four'], ['a.two', 'a.group', 'a.three']]);
    });
    it('leave a part that says itself what is essential of it', () => {
        const document = sample();
        groupParts(document, 'hood', 'a.group', []);
        expect([document.components[3]?.parts, document.components[3]?.essential]).toEqual([undefined, ['intact']]);
        expect(asks(document)).toEqual(['a.two', 'a.group', 'a.three', 'a.four']);
    });
});
