<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue';
import VehiclePlan, { type PlaceTally } from '@/shared/plan/VehiclePlan.vue';
import type { Result } from './api';

const props = defineProps<{ result: Result }>();
const WalkRibbon = defineAsyncComponent(() => import('./WalkRibbon.vue'));

const answer = computed(() => {
    const { named, out_of_place: out, returns } = props.result.sheet;
    if (named === 0) return 'nothing was said.';
    const order = out === 0 ? 'yes, every item was in order' : `${out} of ${named} items were out of order`;
    const back = returns === 0 ? 'never going back' : returns === 1 ? 'going back once' : `going back ${returns} times`;
    const sections = props.result.sheet.sections_out_of_place;
    const moved = sections.length === 0 ? '' : ` Sections out of order: ${sections.join(', ')}.`;
    return `${order}, ${back}.${moved}`;
});
const names = computed(
    () =>
        new Map(
            props.result.inspection.places.flatMap((place) =>
                place.items.map((item) => [item.id, item.where ? `${item.name}, ${item.where}` : item.name]),
            ),
        ),
);
const earned = ['whole', 'carried', 'not_fitted'];
const outcomes = computed(() => new Map(props.result.sheet.outcomes.map((one) => [one.item, one.status as string])));
/** What was missed at each place, in whatever way. */
const tallies = computed(
    () =>
        new Map<string, PlaceTally>(
            props.result.inspection.places.map((place) => [
                place.id,
                {
                    asked: place.items.length,
                    said: place.items.filter(({ id }) => earned.includes(outcomes.value.get(id) ?? '')).length,
                    part: 0,
                },
            ]),
        ),
);
const walked = computed(() => props.result.visits.map(({ place }) => place));
const strays = computed(() =>
    props.result.sheet.outcomes
        .filter((outcome) => outcome.out_of_place)
        .map((outcome) => names.value.get(outcome.item) ?? outcome.item),
);
</script>

<template>
    <h2>Was the order kept? {{ answer }}</h2>
    <VehiclePlan class="plan" :inspection="result.inspection" :tallies="tallies" :walked="walked" counts="not earned" />
    <p class="quiet">
        The figures are items not earned. A line over the vehicle is a step out of the expected line; a broken one goes
        back.
    </p>
    <div v-if="result.sheet.named > 0" class="ribbon"><WalkRibbon :result="result" /></div>
    <details v-if="strays.length > 0">
        <summary>Items out of order</summary>
        <p>{{ strays.join('; ') }}.</p>
    </details>
</template>

<style scoped>
.plan {
    background: var(--sunken);
    border-radius: var(--round-middle);
}
.ribbon {
    height: 360px;
}
</style>
