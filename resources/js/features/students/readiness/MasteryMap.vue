<script setup lang="ts">
import VehiclePlan, { type PlaceTally } from '@/shared/plan/VehiclePlan.vue';
import { day } from '@/shared/format';
import { computed, ref } from 'vue';
import type { Mastery, Readiness } from '@/shared/progress/api';
import { markOf, percentOf } from '@/shared/progress/chances';

/* Item by item and attempt by attempt, place by place; the drawing is the index. */
const props = defineProps<{ readiness: Readiness }>();
const byPlace = computed(() => {
    const by = new Map<string, Mastery[]>();
    for (const item of props.readiness.items) by.set(item.place, [...(by.get(item.place) ?? []), item]);
    return by;
});
const unknownAt = (items: Mastery[]): number => items.filter(({ known }) => !known).length;
const tallies = computed(
    () =>
        new Map<string, PlaceTally>(
            [...byPlace.value].map(([place, items]) => [
                place,
                { asked: items.length, said: items.length - unknownAt(items), part: 0 },
            ]),
        ),
);
const weakest = computed(
    () =>
        [...byPlace.value].sort(
            ([, a], [, b]) => unknownAt(b) / b.length - unknownAt(a) / a.length || b.length - a.length,
        )[0]?.[0],
);
const chosen = ref<string>();
const place = computed(() => chosen.value ?? weakest.value ?? '');
const name = (id: string): string => props.readiness.inspection.places.find((one) => one.id === id)?.name ?? '';
const shown = computed(() => byPlace.value.get(place.value) ?? []);
</script>

<template>
    <section v-if="readiness.items.length > 0" data-test="mastery">
        <h2>Where is it weak? {{ weakest === undefined ? '' : `Most at "${name(weakest)}"` }}</h2>
        <VehiclePlan
            :inspection="readiness.inspection"
            :tallies="tallies"
            :looked="place"
            interactive
            counts="to learn"
            @go="(to) => (chosen = to)"
        />
        <p class="quiet">
            A figure counts the parts that would be missed more than once in five walks. Tap a stop to see them.
        </p>
        <h3>{{ name(place) }}</h3>
        <div class="wide">
            <table class="record-table">
                <thead>
                    <tr>
                        <th scope="col">Part</th>
                        <th v-for="(at, n) in readiness.attempts" :key="n" scope="col" class="walk">{{ day(at) }}</th>
                        <th scope="col">Chance</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="item in shown" :key="item.item" :class="{ weak: !item.known }">
                        <th scope="row">{{ item.name }}</th>
                        <td v-for="(earned, n) in item.earned" :key="n" class="walk" :title="markOf(earned).said">
                            <span aria-hidden="true">{{ markOf(earned).sign }}</span><span class="visually-hidden">{{
                                markOf(earned).said
                            }}</span>
                        </td>
                        <td class="numeral">
                            {{ percentOf(item.chance) }}
                            <small class="quiet">{{ percentOf(item.low) }} to {{ percentOf(item.high) }}</small>
                        </td>
                    </tr>
                </tbody>
            </table>
        </div>
        <p class="quiet">● said, ◐ said in part, ○ missed, · not asked. Chance: to be earned whole on the day.</p>
    </section>
</template>

<style scoped>
.wide {
    overflow-x: auto;
}
.walk {
    text-align: center;
    padding-right: var(--space-3);
    font-size: var(--size-small);
    white-space: nowrap;
}
td.walk {
    font-size: var(--size-strong);
}
.weak th {
    font-weight: 700;
    border-left: 6px solid var(--lost);
    padding-left: var(--space-4);
}
tbody th {
    font-weight: 400;
}
small {
    display: block;
    font-size: var(--size-small);
}
</style>
