import type { ChecklistDocument } from '../api';

/* Changes of a checklist's document that reach several of its places. */

/** What a person's own list gives: parts, sections with their stops, forms, and what has to be earned. */
export interface ListedDocument {
    components: ChecklistDocument['components'];
    sections: ChecklistDocument['sections'];
    forms: ChecklistDocument['forms'] | null;
    critical_components: string[];
}

/** What goes with a part that is no longer asked, in words; a person is told before. */
export function hangsOn(document: ChecklistDocument, part: string): string[] {
    const name = (id: string): string => document.components.find((one) => one.id === id)?.name ?? id;
    return [
        ...(document.figures ?? [])
            .filter(({ components }) => components?.length === 1 && components[0] === part)
            .map(({ id }) => `the figure “${id}”`),
        ...((document.rules.pass.critical_components ?? []).includes(part) ? ['that it has to be earned to pass'] : []),
        ...document.components
            .filter(({ parts }) => parts?.includes(part))
            .map(({ id }) => `its place in “${name(id)}”`),
    ];
}

/** Takes out whatever names a part or a section that the checklist does not have any more. */
export function withoutLoose(document: ChecklistDocument): void {
    const asked = new Set(document.sections.flatMap(({ stops }) => stops.flatMap(({ asks }) => asks)));
    for (const { id, parts } of document.components) if (asked.has(id)) parts?.forEach((part) => asked.add(part));
    document.components = document.components.filter(({ id }) => asked.has(id));
    for (const one of document.components) {
        if (one.parts === undefined) continue;
        one.parts = one.parts.filter((part) => asked.has(part));
        if (one.parts.length === 0) delete one.parts;
    }
    if (document.figures !== undefined) {
        document.figures = document.figures.flatMap((figure) => {
            if (figure.components === undefined) return [figure];
            const left = figure.components.filter((id) => asked.has(id));
            return left.length === 0 ? [] : [{ ...figure, components: left }];
        });
    }
    const { pass } = document.rules;
    const sections = new Set(document.sections.map(({ id }) => id));
    const critical = pass.critical_components?.filter((id) => asked.has(id)) ?? [];
    if (critical.length > 0) pass.critical_components = critical;
    else delete pass.critical_components;
    const whole = pass.critical_sections?.filter((id) => sections.has(id)) ?? [];
    if (whole.length > 0) pass.critical_sections = whole;
    else delete pass.critical_sections;
    if (pass.sections !== undefined) {
        const left = Object.fromEntries(Object.entries(pass.sections).filter(([id]) => sections.has(id)));
        if (Object.keys(left).length === 0) delete pass.sections;
        else pass.sections = left;
    }
    if (document.rules.brake_tests !== undefined && !sections.has(document.rules.brake_tests.section)) {
        delete document.rules.brake_tests;
    }
    if (document.forms !== undefined) {
        document.forms.always = (document.forms.always ?? []).filter((id) => sections.has(id));
        document.forms.draw = document.forms.draw
            .map((form) => ({ ...form, sections: form.sections.filter((id) => sections.has(id)) }))
            .filter((form) => form.sections.length > 0);
        if (document.forms.draw.length === 0) delete document.forms;
    }
}

/** Puts a list's parts in place of those of the checklist; rules, figures and what fits to them stay. */
export function takeList(document: ChecklistDocument, list: ListedDocument): void {
    document.components = list.components;
    document.sections = list.sections;
    if (list.forms) document.forms = list.forms;
    else delete document.forms;
    if (list.critical_components.length > 0) document.rules.pass.critical_components = [...list.critical_components];
    else delete document.rules.pass.critical_components;
    withoutLoose(document);
}

type Section = ChecklistDocument['sections'][number];
type Stop = Section['stops'][number];

/** All stops of a checklist with the section that each belongs to. */
export const stopsOf = (document: ChecklistDocument): { section: Section; stop: Stop }[] =>
    document.sections.flatMap((section) => section.stops.map((stop) => ({ section, stop })));

/** Asks a part at one stop no more; where it is asked nowhere else, it goes with what hangs on it. */
export function leaveOutPart(document: ChecklistDocument, stop: string, part: string): void {
    for (const { stop: one } of stopsOf(document)) {
        if (one.id === stop) one.asks = one.asks.filter((id) => id !== part);
    }
    withoutLoose(document);
}

/** An id that no other has: the name in small letters, with a number where that is taken. */
export function freeId(name: string, taken: string[]): string {
    const plain = name
        .toLowerCase()
        .replace(/[^a-z0-9]+/g, '-')
        .replace(/^-|-$/g, '');
    const start = plain === '' ? 'new' : plain;
    let id = start;
    for (let n = 2; taken.includes(id); n++) id = `${start}-${n}`;
    return id;
}

/** Moves one of a list up or down; at its ends it stays. */
export function moveBy<T>(list: T[], at: number, by: number): void {
    const [taken] = list.splice(at, 1);
    if (taken !== undefined) list.splice(Math.max(0, at + by), 0, taken);
}

/** Asks a part at another stop instead. */
export function movePart(document: ChecklistDocument, from: string, to: string, part: string): void {
    for (const { stop } of stopsOf(document)) {
        if (stop.id === from) stop.asks = stop.asks.filter((id) => id !== part);
        if (stop.id === to && !stop.asks.includes(part)) stop.asks.push(part);
    }
}

/** Whether a part, or every item of a section, has to be earned to pass. */
export function setCritical(
    { rules: { pass } }: ChecklistDocument,
    of: 'critical_components' | 'critical_sections',
    id: string,
    is: boolean,
): void {
    const left = (pass[of] ?? []).filter((one) => one !== id);
    if (is) left.push(id);
    if (left.length > 0) pass[of] = left;
    else Reflect.deleteProperty(pass, of);
}

/** What cannot be asked at a stop once more: parts of every stop at the same axles, and of what stands for several. */
export function askedWith(document: ChecklistDocument, { axles }: Pick<Stop, 'axles'>): string[] {
    const asked = new Set(
        stopsOf(document)
            .filter(({ stop }) => stop.axles === axles)
            .flatMap(({ stop }) => stop.asks),
    );
    return [...asked, ...document.components.filter(({ id }) => asked.has(id)).flatMap(({ parts }) => parts ?? [])];
}

/**
 * Asks several parts as one item. What joins it is asked no more by itself; what leaves it is asked behind it. Points
 * that the group has not itself are those of its parts.
 */
export function groupParts(document: ChecklistDocument, stop: string, group: string, parts: string[]): void {
    const one = document.components.find(({ id }) => id === group);
    if (one === undefined) return;
    const left = (one.parts ?? []).filter((id) => !parts.includes(id));
    if (parts.length === 0) {
        delete one.parts;
        // Without parts it has to say itself what is essential of it.
        one.essential ??= ['intact'];
    } else one.parts = parts;
    for (const { stop: at } of stopsOf(document)) {
        at.asks = at.asks.filter((id) => !parts.includes(id));
        if (at.id === stop) at.asks.splice(at.asks.indexOf(group) + 1, 0, ...left);
    }
}
