<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';
import { computed } from 'vue';

/* Where the piece at hand lies in the whole walk, where the plan is wider than the screen. */
const props = defineProps<{
    inspection: Schemas['InspectionResource'];
    stops: { place: string; asked: number; said: number; current: boolean }[];
}>();
const sections = computed(() => {
    const of = new Map(props.inspection.places.map((place) => [place.id, place.section]));
    return props.inspection.sections
        .map(({ id, short }) => ({ id, short, stops: props.stops.filter(({ place }) => of.get(place) === id) }))
        .filter(({ stops }) => stops.length > 0);
});
</script>

<template>
    <div class="overview" aria-hidden="true">
        <span
            v-for="section in sections"
            :key="section.id"
            class="piece"
            :class="{ here: section.stops.some(({ current }) => current) }"
            :style="{ flexGrow: section.stops.length }"
        >
            <i v-for="stop in section.stops" :key="stop.place" :class="{ here: stop.current }"
                ><b :style="{ width: `${stop.asked === 0 ? 100 : (100 * stop.said) / stop.asked}%` }"
            /></i>
            <em v-if="section.stops.some(({ current }) => current)">{{ section.short }}</em>
        </span>
    </div>
</template>

<style scoped>
.overview {
    display: flex;
    gap: var(--space-1);
    padding: var(--space-1) var(--space-3) var(--space-7);
}
.piece {
    position: relative;
    display: flex;
    gap: 1px;
    flex-basis: 0;
}
i {
    flex: 1;
    height: 8px;
    background: var(--line);
}
i.here {
    outline: 2px solid var(--ink);
}
b {
    display: block;
    height: 100%;
    background: var(--strong);
}
em {
    position: absolute;
    top: 9px;
    left: 50%;
    translate: -50% 0;
    font: 700 13px var(--display-face);
    white-space: nowrap;
}
</style>
