import type { Mark } from '@/shared/outbox/Outbox';

const seenBy = ({ evidence }: Mark): string => (evidence === 'helper' ? ', by helper' : '');

/** A mark in a few words, for the time line; names of items and places as `namesIn` gives them. */
export function markWords(mark: Mark, names: Map<string, string>): string {
    const name = mark.item === undefined ? '' : (names.get(mark.item) ?? mark.item);
    const place = mark.place === undefined ? '' : (names.get(mark.place) ?? mark.place);
    const points = (mark.points ?? []).join(', ').replaceAll('_', ' ');
    switch (mark.kind) {
        case 'heard_whole':
            return `${name}: complete${mark.side === undefined ? '' : `, ${mark.side} side`}`;
        case 'points_heard':
            return `${name}: ${points === '' ? 'named only' : points}`;
        case 'heard_in_part':
            return `${name}: in part`;
        case 'points_taken_back':
            return `${name}: taken back${points === 'identified' ? '' : ` ${points}`}`;
        case 'figure_heard':
            return `${name}: ${points} said as ${mark.value}`;
        case 'said_wrong':
            return `${name}: ${points} said wrong${mark.text === undefined ? '' : ` (${mark.text})`}`;
        case 'carried_over':
            return (
                `${place}: the same as the ${mark.from}` + (mark.except?.length ? `, except ${mark.except.length}` : '')
            );
        case 'place_entered':
            return `went to ${place}`;
        case 'place_closed':
            return `left ${place}`;
        case 'not_fitted':
            return `${name}: not equipped`;
        case 'defect_planted':
            return `${name}: defect planted, ${mark.text ?? ''}`;
        case 'defect_noticed':
            return `${name}: defect noticed, ${mark.text ?? ''}`;
        case 'lamp_dark':
            return `${name}: dark${mark.text === undefined ? '' : ` ${mark.text}`}${seenBy(mark)}`;
        case 'lamp_lit':
            return `${name}: lit${seenBy(mark)}`;
        case 'restarted':
            return 'brake tests restarted';
        case 'paused':
            return `paused${mark.text === undefined ? '' : `: ${mark.text}`}`;
        case 'resumed':
            return 'went on';
        case 'off_list_began':
            return 'off topic';
        case 'off_list_ended':
            return 'back on topic';
        case 'note':
            return `note${name === '' ? '' : ` on ${name}`}: ${mark.text ?? ''}`;
        case 'look_again':
            return `flagged for debrief${name === '' ? '' : `: ${name}`}`;
        case 'finished':
            return 'finished';
        case 'undo':
            return 'taken back';
    }
}
