<script setup lang="ts">
import StateGlyph from '@/shared/glyphs/StateGlyph.vue';
import { minutes } from '@/shared/format';
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import OpenPoints from './OpenPoints.vue';
import type { MarksPoints } from './useScoring';
import type { OpenAttempt } from '@/shared/attempt/useAttempt';

/* What is still open before the walk is closed for good. */
const props = defineProps<{ walk: OpenAttempt; scoring: MarksPoints; silent: boolean }>();
defineEmits<{ back: []; finish: []; go: [place: string] }>();

const places = computed(() =>
    (props.walk.attempt.value?.inspection.places ?? [])
        .map((place) => ({
            place,
            open: place.items
                .map((item) => ({
                    item,
                    state: props.walk.shown.value.get(item.id)?.state ?? ('not_reached' as const),
                }))
                .filter(({ state }) => state !== 'whole' && state !== 'carried' && state !== 'not_fitted'),
        }))
        .filter(({ open }) => open.length > 0),
);
const all = computed(() => places.value.flatMap(({ open }) => open));
const flagged = computed(() => props.walk.sheet.value?.look_again ?? []);
const names = computed(() => new Map(props.walk.items.value.map((item) => [item.id, item.name])));
const part = computed(() => all.value.filter(({ state }) => ['partial', 'late', 'later_added'].includes(state)).length);
</script>

<template>
    <main class="finish">
        <h1 v-if="silent">Finish the walk?</h1>
        <h1 v-else-if="all.length === 0">Everything was said. Finish the walk?</h1>
        <h1 v-else>{{ all.length }} items are not complete: {{ part }} partial, {{ all.length - part }} not said</h1>
        <p class="quiet">
            Finishing closes the record: what was not said is then missed, and no more marks are taken. Tap a place to
            go back to it.
        </p>
        <div class="acts">
            <NButton type="primary" size="large" data-test="finish-now" @click="$emit('finish')"
                >Finish the walk</NButton
            >
            <NButton size="large" @click="$emit('back')">Back to the walk&nbsp;<kbd>Esc</kbd></NButton>
        </div>
        <OpenPoints :walk="walk" :scoring="scoring" />
        <section v-if="flagged.length > 0">
            <h2>Flagged for debrief</h2>
            <p v-for="flag in flagged" :key="flag.mark_id">
                {{ minutes(flag.at_ms) }} {{ flag.item === null ? 'the walk' : (names.get(flag.item) ?? flag.item) }}
                {{ flag.text }}
            </p>
        </section>
        <div v-if="!silent" class="places">
            <section v-for="{ place, open } in places" :key="place.id">
                <button type="button" class="place" @click="$emit('go', place.id)">
                    {{ place.name }} <span class="numeral">{{ open.length }}</span>
                </button>
                <ul>
                    <li v-for="{ item, state } in open" :key="item.id">
                        <StateGlyph :state="state" :size="20" named /> {{ item.name }}
                        <button
                            type="button"
                            class="was"
                            :data-settle="item.id"
                            @click="walk.mark.settle(item, 'in_time')"
                        >
                            was said
                        </button>
                        <button
                            type="button"
                            class="was late"
                            :data-late="item.id"
                            @click="walk.mark.settle(item, 'late')"
                        >
                            late
                        </button>
                    </li>
                </ul>
            </section>
        </div>
    </main>
</template>

<style scoped>
.finish {
    padding: var(--space-8) var(--space-7) var(--space-11);
    display: grid;
    gap: var(--space-6);
    max-width: 1280px;
    margin: 0 auto;
}
.places {
    columns: 3 300px;
    column-gap: var(--space-8);
}
section {
    break-inside: avoid;
    padding-bottom: var(--space-6);
}
.place {
    display: flex;
    justify-content: space-between;
    align-items: center;
    width: 100%;
    min-height: 48px;
    padding: 0;
    background: none;
    border: 0;
    border-bottom: 2px solid var(--ink);
    font: 700 var(--size-strong) var(--display-face);
    font-stretch: 88%;
    cursor: pointer;
    text-align: left;
}
.was {
    margin-left: auto;
    min-width: 48px;
    min-height: 48px;
    background: none;
    border: 0;
    text-decoration: underline;
    cursor: pointer;
}
.was.late {
    margin-left: 0;
}
ul {
    list-style: none;
    margin: var(--space-2) 0 0;
    padding: 0;
    display: grid;
    gap: var(--space-1);
}
li {
    display: flex;
    align-items: center;
    gap: var(--space-3);
}
</style>
