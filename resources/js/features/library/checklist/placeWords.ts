import type { Schemas } from '@/shared/api/client';
import { numbers, questions } from './ruleQuestions';

type Change = Schemas['ChangeResource'];
type Fault = Schemas['FaultResource'];

/* Places of a document and changes in it, in the words that the page has for them. */

const KEYS: Record<string, string> = {
    asks: 'parts asked',
    essential: 'essential points',
    further: 'further points',
    weight: 'worth',
    say: 'own words',
    low: 'at least',
    high: 'at most',
    accepted_low: 'accepted from',
    accepted_high: 'accepted to',
    needs: 'only where the vehicle has',
    repeat: 'asked',
    critical_components: 'parts that have to be earned to pass',
    critical_sections: 'sections that have to be earned to pass',
    draw: 'forms',
    always: 'always asked',
    pass: 'to pass',
    reasons: 'reasons',
};
const LISTS = new Set(['sections', 'stops', 'components', 'figures', 'units', 'axles', 'rules']);
const plain = (key: string): string => KEYS[key] ?? key.replaceAll('_', ' ');

/** "sections › In the cab › stops › Seat › asks" as "In the cab › Seat › parts asked". */
const named = (keys: string[]): string =>
    keys
        // "units › 2" is "unit 2".
        .map((key, at) => {
            const list = keys[at - 1] ?? '';
            return /^\d+$/.test(key) && LISTS.has(list) ? `${list.replace(/s$/, '')} ${key}` : key;
        })
        .filter((key, at) => at === keys.length - 1 || !LISTS.has(key))
        .map(plain)
        .join(' › ');

/** A list of entries, which comes as JSON, in words: "wheel.tyre cut in the rubber". */
function plainList(value: string | null): string | null {
    if (value?.startsWith('[{') !== true) return value;
    try {
        return (JSON.parse(value) as object[]).map((entry) => Object.values(entry).join(' ')).join('; ');
    } catch {
        // It is cut where it is long.
        return value;
    }
}

/** A change as a person says it: "Misses allowed" from "30 items" to "10 items". */
export function changeInWords({ where, before, after }: Change): Change {
    const keys = where.split(' › ').map((key) => key.replaceAll(' ', '_'));
    const isAt = (path: string[]): boolean => keys.join('/') === ['rules', ...path].join('/');
    const question = questions.find(({ path }) => isAt(path));
    if (question !== undefined) {
        const say = (value: string | null): string =>
            question.options.find((one) => one.value === (value ?? question.usual))?.label ?? value ?? '';
        return { where: question.question, before: say(before), after: say(after) };
    }
    const number = numbers.find(({ path }) => isAt(path));
    if (number !== undefined) {
        const say = (value: string | null): string =>
            value === null ? 'not asked' : `${Number(value) / (number.per ?? 1)} ${number.unit}`;
        return { where: number.question, before: say(before), after: say(after) };
    }
    return { where: named(where.split(' › ')), before: plainList(before), after: plainList(after) };
}

/** "sections[11].stops[0].asks" as "Winter gear › New stop › parts asked". */
export function faultInWords({ path, message }: Fault, document: object | undefined): Fault {
    const keys: string[] = [];
    let at: unknown = document;
    for (const step of path.match(/[^.[\]]+/g) ?? []) {
        at = (at as Record<string, unknown> | undefined)?.[step];
        const name = (at as { name?: unknown; id?: unknown } | undefined)?.name;
        const id = (at as { id?: unknown } | undefined)?.id;
        if (!/^\d+$/.test(step)) keys.push(step);
        else if (typeof name === 'string') keys.push(name);
        else if (typeof id === 'string') keys.push(id);
        else keys.push(String(Number(step) + 1));
    }
    const rule = keys[0] === 'rules' ? keys.slice(1).join('/') : '';
    const question = [...questions, ...numbers].find((one) => one.path.join('/') === rule)?.question;
    return { path: question ?? named(keys), message };
}

/** What is wrong at a rule or below it. */
export const faultsAt = (faults: Fault[], path: string[]): Fault[] => {
    const place = ['rules', ...path].join('.');
    return faults.filter((fault) => fault.path === place || new RegExp(`^${place}[.[]`).test(fault.path));
};
