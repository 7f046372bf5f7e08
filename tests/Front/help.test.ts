import { found, topicOf, topics } from '@/features/help/topics';
import { routes } from '@/app/routes';
import { describe, expect, it } from 'vitest';

describe('help', () => {
    it('has a topic for every screen, and names no screen that is not there', () => {
        const screens = routes
            .map(({ name }) => String(name))
            .filter((name) => !['help', 'nowhere', 'watch'].includes(name));
        expect(topics.flatMap(({ screens: of }) => [...of]).toSorted()).toEqual(screens.toSorted());
        for (const screen of screens) expect(topicOf(screen)?.id).toBeDefined();
    });

    it.each([
        ['password', ['people', 'account']],
        ['spreadsheet', ['first-morning']],
        ['PDF digest', []],
    ])('finds "%s" wherever it stands', (words, ids) => {
        expect(found(words).map(({ id }) => id)).toEqual(expect.arrayContaining(ids));
        if (ids.length === 0) expect(found(words)).toEqual([]);
    });

    it('finds all where nothing is asked', () => {
        expect(found('  ')).toHaveLength(topics.length);
    });
});
