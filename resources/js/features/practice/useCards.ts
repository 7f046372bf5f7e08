import type { Schemas } from '@/shared/api/client';
import { recite, type Readiness } from '@/shared/progress/api';
import { wordsOf } from '@/shared/wordsOf';
import { v7 } from 'uuid';
import { computed, ref, shallowRef, type ComputedRef, type Ref, type ShallowRef } from 'vue';

export interface Card {
    item: Schemas['ItemResource'];
    name: string;
    place: string;
    placeName: string;
}

const USUAL_MINUTES = 10;
const isTest = (component: string): boolean => component.startsWith('test.');

/** Today's parts in walking order; brake tests are practiced in the cab, not recited. */
export function cardsOf(readiness: Readiness, minutes: number): { cards: Card[]; tests: number } {
    const session = readiness.today.find((one) => one.minutes === minutes) ?? readiness.today[0];
    const wanted = new Set(session?.drills.map(({ item }) => item));
    const all = readiness.inspection.places.flatMap((place) =>
        place.items
            .filter(({ id }) => wanted.has(id))
            .map((item) => ({
                item,
                name: item.where ? `${item.name}, ${item.where}` : item.name,
                place: place.id,
                placeName: place.name,
            })),
    );
    const cards = all.filter(({ item }) => !isTest(item.component));
    return { cards, tests: all.length - cards.length };
}

/** One card after the other: said, told at once what was missing, said again or on to the next. */
export function useCards(
    readiness: Readiness,
    student: number,
    minutes = USUAL_MINUTES,
): {
    cards: Card[];
    tests: number;
    at: Ref<number>;
    card: ComputedRef<Card | undefined>;
    told: ShallowRef<Schemas['RecitedResource'] | undefined>;
    known: Ref<number>;
    why: Ref<string>;
    isBusy: Ref<boolean>;
    say: (words: string) => Promise<void>;
    next: () => void;
    again: () => void;
} {
    const { cards, tests } = cardsOf(readiness, minutes);
    const at = ref(0);
    const told = shallowRef<Schemas['RecitedResource']>();
    const known = ref(0);
    const why = ref('');
    const isBusy = ref(false);
    const card = computed(() => cards[at.value]);

    async function say(words: string): Promise<void> {
        const now = card.value;
        if (now === undefined || isBusy.value || words.trim() === '') return;
        isBusy.value = true;
        why.value = '';
        try {
            told.value = await recite(student, {
                id: v7(),
                checklist_id: readiness.checklist_id,
                vehicle_id: readiness.vehicle_id,
                item: now.item.id,
                words,
            });
            if (told.value.earned >= 1000) known.value++;
        } catch (error) {
            why.value = wordsOf(error);
        } finally {
            isBusy.value = false;
        }
    }
    function next(): void {
        told.value = undefined;
        why.value = '';
        at.value++;
    }
    return { cards, tests, at, card, told, known, why, isBusy, say, next, again: () => (told.value = undefined) };
}
