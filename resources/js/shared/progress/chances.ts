import { day } from '@/shared/format';
import type { ClassView, Readiness } from './api';

/** A chance from 0 to 1 as whole percent; never "0" or "100", for nothing is sure. */
export const percentOf = (chance: number): string => `${Math.min(99, Math.max(1, Math.round(100 * chance)))}%`;

/** "71% (58 to 82)" */
export function withDoubt(one: { chance: number; low: number; high: number }): string {
    const bare = (of: number): string => percentOf(of).slice(0, -1);
    return `${percentOf(one.chance)} (${bare(one.low)} to ${bare(one.high)})`;
}

/** How far somebody is, in a word that goes with the figure and its doubt; the server says which. */
export const readyWords: Record<ClassView['students'][number]['ready'], string> = {
    ready: 'ready',
    nearly: 'nearly ready',
    on_the_way: 'on the way',
    not_yet: 'not yet',
    unknown: 'too little known',
};

/** "Ready on Dec 4? 71% (58 to 82)." */
export function question(readiness: Readiness): string {
    const { chance, low, high, on } = readiness;
    if (chance === null || low === null || high === null || on === null) return 'Ready? Too little is known.';
    const asked = readiness.for_exam ? `Ready on ${day(on)}?` : 'Ready, were the exam in a week?';
    return `${asked} ${withDoubt({ chance, low, high })}`;
}

/** Marks of an item in one attempt: whole, in part, nothing, not asked. Told by shape, not by color. */
export function markOf(earned: number | null): { sign: string; said: string } {
    if (earned === null) return { sign: '·', said: 'not asked' };
    if (earned >= 1000) return { sign: '●', said: 'said' };
    return earned > 0 ? { sign: '◐', said: 'said in part' } : { sign: '○', said: 'missed' };
}
