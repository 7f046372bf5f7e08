import type { Mark } from '@/shared/outbox/Outbox';
import type { ShallowRef } from 'vue';
import type { Item, Place, PointCode, Sheet } from './api';
import { pointsOf } from './halves';
import type { Draft } from './useAttempt';

interface Walk {
    sheet: ShallowRef<Sheet | undefined>;
    waiting: ShallowRef<Mark[]>;
    place: ShallowRef<string | undefined>;
    record: (label: string, marks: Draft[], move?: { from?: string; to?: string }) => string[];
}

/** The side that was spoken of, where one was; else both. */
export type SaidOf = 'left' | 'right' | undefined;
const of = (side: SaidOf): { side?: 'left' | 'right' } => (side === undefined ? {} : { side });

/** What a scorer can mark, each as one action. */
export function markMaker({ sheet, waiting, place, record }: Walk) {
    /** Every mark is made at a place: the first one of the walk says where it began. */
    function arrive(): Draft[] {
        const known =
            sheet.value?.current_place !== null || waiting.value.some((mark) => mark.kind === 'place_entered');
        return known || place.value === undefined ? [] : [{ kind: 'place_entered', place: place.value }];
    }

    const mark = (label: string, ...marks: Draft[]): void => void record(label, [...arrive(), ...marks]);
    const named = (heard: Item[]): string => (heard.length === 1 ? (heard[0]?.name ?? '') : `${heard.length} items`);

    return {
        hearWhole: (...heard: Item[]): void =>
            mark(named(heard), ...heard.map((item): Draft => ({ kind: 'heard_whole', item: item.id }))),
        /** Told at the finish: it was said, in time unless late is chosen; when exactly is not known. */
        settle: (item: Item, said: 'in_time' | 'late'): void =>
            mark(`${item.name}, told at the finish`, { kind: 'heard_whole', item: item.id, said }),
        hearSide: (item: Item, side: 'left' | 'right'): void =>
            mark(`${item.name}, ${side} side`, { kind: 'heard_whole', item: item.id, side }),
        hearPoints: (item: Item, points: PointCode[], side?: SaidOf): void =>
            mark(item.name, { kind: 'points_heard', item: item.id, points, ...of(side) }),
        /** Said in part; which points, the words of the recording tell, or the finish list asks. */
        hearInPart: (item: Item): void => mark(`${item.name} in part`, { kind: 'heard_in_part', item: item.id }),
        /** Just these points and no other that was heard before, as one action. */
        hearJust: (item: Item, points: PointCode[], before: ReadonlySet<string>): void => {
            const said = new Set<string>(points);
            const over = pointsOf(item).flatMap(({ code }) => (before.has(code) && !said.has(code) ? [code] : []));
            mark(
                item.name,
                { kind: 'points_heard', item: item.id, points },
                ...(over.length === 0
                    ? []
                    : [{ kind: 'points_taken_back' as const, item: item.id, points: over as PointCode[] }]),
            );
        },
        hearFigure: (item: Item, point: PointCode, value: number, side?: SaidOf): void =>
            mark(`${item.name}: ${value}`, {
                kind: 'figure_heard',
                item: item.id,
                points: [point],
                value,
                ...of(side),
            }),
        sayWrong: (item: Item, points: PointCode[], text?: string, side?: SaidOf): void =>
            mark(`${item.name} said wrong`, {
                kind: 'said_wrong',
                item: item.id,
                points,
                ...(text === undefined || text === '' ? {} : { text }),
                ...of(side),
            }),
        /** What the listener heard, at the time of confirming: the marks are the server's, the moment the scorer's. */
        confirmHeard: (label: string, marks: Draft[]): void => mark(`${label}, as heard`, ...marks),
        takeBack: (item: Item, points: PointCode[], side?: SaidOf): void =>
            mark(`${item.name} taken back`, { kind: 'points_taken_back', item: item.id, points, ...of(side) }),
        /** A lamp was seen dark outside, or lit after all. */
        lamp: (item: Item, dark: { at: string } | undefined): void =>
            mark(
                `${item.name} ${dark === undefined ? 'lit' : 'dark'}`,
                dark === undefined
                    ? { kind: 'lamp_lit', item: item.id }
                    : { kind: 'lamp_dark', item: item.id, ...(dark.at === '' ? {} : { text: dark.at }) },
            ),
        /** Not called after all, or called by mistake. */
        notCalled: (...items: Item[]): void =>
            mark(
                `${named(items)} not called`,
                ...items.map((item): Draft => ({ kind: 'points_taken_back', item: item.id, points: ['identified'] })),
            ),
        wave: (item: Item): void => mark(`${item.name} not equipped`, { kind: 'not_fitted', item: item.id }),
        /** Of all that the axle has, or of some of its places: suspension, brakes or wheel alone. */
        carryOver: (places: Place[], from: string, label: string, except: string[]): void =>
            mark(
                `the same as the ${label}`,
                // A copy: a device cannot keep what a page watches.
                ...places.map((one): Draft => ({ kind: 'carried_over', place: one.id, from, except: [...except] })),
            ),
        noticeDefect: (item: Item, text: string, side?: SaidOf): void =>
            mark(`${item.name}: defect noticed`, { kind: 'defect_noticed', item: item.id, text, ...of(side) }),
        plantDefect: (item: Item, text: string, side?: SaidOf): void =>
            mark(`${item.name}: defect planted`, { kind: 'defect_planted', item: item.id, text, ...of(side) }),
        restart: (section: string): void => mark('brake tests restarted', { kind: 'restarted', section }),
        pause: (text: string): void => mark('pause', { kind: 'paused', ...(text === '' ? {} : { text }) }),
        resume: (): void => mark('going on', { kind: 'resumed' }),
        offList: (began: boolean): void =>
            mark(began ? 'off topic' : 'back on topic', { kind: began ? 'off_list_began' : 'off_list_ended' }),
        note: (text: string, item?: Item): void =>
            mark('note', { kind: 'note', text, ...(item === undefined ? {} : { item: item.id }) }),
        lookAgain: (item?: Item): void =>
            mark(`flagged for debrief${item === undefined ? '' : `: ${item.name}`}`, {
                kind: 'look_again',
                ...(item === undefined ? {} : { item: item.id }),
            }),
        goTo: (next: string): void => {
            const from = place.value;
            if (from === undefined || from === next) return;
            const first = arrive();
            place.value = next;
            const moved: Draft[] = [
                { kind: 'place_closed', place: from },
                { kind: 'place_entered', place: next },
            ];
            record('move', [...first, ...moved], { from, to: next });
        },
        finish: (): void => {
            const here = place.value;
            const last: Draft[] = here === undefined ? [] : [{ kind: 'place_closed', place: here }];
            record('finish', [...arrive(), ...last, { kind: 'finished' }]);
        },
    };
}
