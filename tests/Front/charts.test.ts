import { chartBase } from '@/shared/charts/setup';
import { expect, it } from 'vitest';

it('no chart takes the name of a part for HTML', () => {
    expect(['day', 'dusk'].map((light) => chartBase(light as 'day').option.tooltip.renderMode)).toEqual([
        'richText',
        'richText',
    ]);
});
