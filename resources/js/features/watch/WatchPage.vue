<script setup lang="ts">
import { wordsOf } from '@/shared/wordsOf';
import { readAttempt, type Attempt, type Sheet } from '@/shared/attempt/api';
import { placeTallies } from '@/shared/attempt/placeTallies';
import { nothingShown, shownItems, type ShownItem } from '@/shared/attempt/shownItems';
import { useSheetWatch } from '@/shared/attempt/useSheetWatch';
import LoadState from '@/shared/LoadState.vue';
import { minutes, percent } from '@/shared/format';
import StateGlyph from '@/shared/glyphs/StateGlyph.vue';
import { states } from '@/shared/glyphs/states';
import VehiclePlan from '@/shared/plan/VehiclePlan.vue';
import { useLoad } from '@/shared/useLoad';
import { computed, ref, shallowRef } from 'vue';

/* A walk as somebody else scores it: to be read, not touched. */
const props = defineProps<{ id: string }>();
const attempt = shallowRef<Attempt>();
const sheet = shallowRef<Sheet>();
const why = ref('');

const { loaded, again } = useLoad(async () => {
    attempt.value = await readAttempt(props.id);
    sheet.value = attempt.value.sheet;
    return attempt.value;
});
useSheetWatch(
    props.id,
    () => attempt.value !== undefined && sheet.value?.finished !== true,
    (newer) => {
        sheet.value = newer;
        why.value = '';
    },
    (error) => (why.value = wordsOf(error)),
);

const places = computed(() => attempt.value?.inspection.places ?? []);
const shown = computed(() =>
    sheet.value === undefined ? new Map<string, ShownItem>() : shownItems(places.value, sheet.value, []),
);
const tallies = computed(() => placeTallies(places.value, shown.value));
const here = computed(() => places.value.find(({ id }) => id === sheet.value?.current_place) ?? places.value[0]);
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main v-if="sheet" class="page">
                <header>
                    <h1>{{ data.card.student }}: {{ sheet.finished ? 'the walk is finished' : here?.name }}</h1>
                    <p class="quiet">
                        {{ data.card.vehicle }}, scored by {{ data.card.scorer }}; {{ minutes(sheet.duration_ms) }},
                        {{ sheet.whole }} of {{ sheet.asked }} whole, {{ percent(sheet.permille) }}.
                        <RouterLink v-if="sheet.finished" :to="{ name: 'result', params: { id } }"
                            >The result</RouterLink
                        >
                    </p>
                    <p v-if="why" role="alert">{{ why }}</p>
                </header>
                <VehiclePlan
                    :inspection="data.inspection"
                    :tallies="tallies"
                    :current="sheet.current_place ?? undefined"
                    :closed="new Set(sheet.closed_places)"
                    class="plan"
                />
                <ul aria-live="polite">
                    <li v-for="item in here?.items ?? []" :key="item.id" :data-watched="item.id">
                        <StateGlyph :state="(shown.get(item.id) ?? nothingShown).state" />
                        {{ item.name }}
                        <span class="quiet">{{ states[(shown.get(item.id) ?? nothingShown).state].word }}</span>
                    </li>
                </ul>
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
.plan {
    background: var(--sunken);
    border-radius: var(--round-large);
    padding: var(--space-4) 0;
}
ul {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(100%, 320px), 1fr));
    gap: var(--space-1) var(--space-8);
}
li {
    display: flex;
    align-items: center;
    gap: var(--space-4);
    min-height: 44px;
}
</style>
