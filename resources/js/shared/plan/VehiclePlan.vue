<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';
import { useElementSize } from '@vueuse/core';
import { computed, nextTick, ref, watch } from 'vue';
import PlanBody from './PlanBody.vue';
import { layoutPlan, STAND } from './planLayout';

export interface PlaceTally {
    /** Items asked, items said in any way, items of those said only in part. */
    asked: number;
    said: number;
    part: number;
}

/* The drawing is the navigation: a stand per place, filling from below as its items are heard. */
const props = defineProps<{
    inspection: Schemas['InspectionResource'];
    tallies?: Map<string, PlaceTally> | undefined;
    current?: string | undefined;
    closed?: Set<string>;
    interactive?: boolean;
}>();
const emit = defineEmits<{ go: [place: string] }>();

const frame = ref<HTMLElement>();
const { width } = useElementSize(frame);
const layout = computed(() => layoutPlan(props.inspection, width.value || 1200));
const places = computed(() => new Map(props.inspection.places.map((place) => [place.id, place])));
const radius = STAND / 2 - 2;

const stands = computed(() =>
    layout.value.stands.map((stand) => {
        const place = places.value.get(stand.place);
        const asked = place?.items.length ?? 0;
        const tally = props.tallies?.get(stand.place) ?? { asked, said: 0, part: 0 };
        const share = tally.asked === 0 ? 1 : tally.said / tally.asked;
        return {
            ...stand,
            name: place?.name ?? stand.place,
            asked,
            left: tally.asked - tally.said,
            part: tally.part,
            full: share === 1,
            level: 2 * radius * share,
            current: stand.place === props.current,
            closed: props.closed?.has(stand.place) === true,
        };
    }),
);

const label = (stand: (typeof stands.value)[number]): string => {
    if (props.tallies === undefined) return `${stand.name}: ${stand.asked} items`;
    const part = stand.part > 0 ? `, ${stand.part} in part` : '';
    return `${stand.name}: ${stand.asked - stand.left} of ${stand.asked} said${part}${stand.closed ? ', closed' : ''}`;
};

watch(
    () => [props.current, layout.value.width] as const,
    async ([current]) => {
        await nextTick();
        const stand = stands.value.find(({ place }) => place === current);
        if (stand !== undefined) frame.value?.scrollTo({ left: stand.x - width.value / 2, behavior: 'smooth' });
    },
    { immediate: true },
);
</script>

<template>
    <div ref="frame" class="frame">
        <svg
            :width="layout.width"
            :height="layout.height"
            :viewBox="`0 0 ${layout.width} ${layout.height}`"
            role="group"
            :aria-label="`Plan of ${inspection.vehicle}, front to the left`"
        >
            <PlanBody :units="inspection.units" :layout="layout" />
            <path
                v-for="stand in stands"
                :key="`lead-${stand.place}`"
                class="lead"
                :d="`M${stand.x} ${stand.y}L${stand.toX} ${stand.toY}`"
            />
            <g v-for="brace in layout.braces" :key="`${brace.name}-${brace.from}`" class="brace" aria-hidden="true">
                <path :d="`M${brace.from} ${brace.y}H${brace.to}`" />
                <text :x="(brace.from + brace.to) / 2" :y="brace.textY">{{ brace.name }}</text>
            </g>
            <g
                v-for="stand in stands"
                :key="stand.place"
                class="stand"
                :class="{ current: stand.current, closed: stand.closed, full: stand.full, live: interactive }"
                :transform="`translate(${stand.x} ${stand.y})`"
                :role="interactive ? 'button' : 'img'"
                :tabindex="interactive ? 0 : undefined"
                :aria-label="label(stand)"
                :aria-current="stand.current ? 'location' : undefined"
                :data-place="stand.place"
                @click="interactive && emit('go', stand.place)"
                @keydown.enter.prevent="interactive && emit('go', stand.place)"
            >
                <title>{{ label(stand) }}</title>
                <clipPath :id="`level-${stand.place}`">
                    <rect :x="-radius" :y="radius - stand.level" :width="2 * radius" :height="stand.level" />
                </clipPath>
                <circle :r="radius" class="glass" />
                <circle :r="radius" class="fill" :clip-path="`url(#level-${stand.place})`" />
                <circle :r="radius" class="rim" />
                <path v-if="stand.full && tallies" d="m-8 1 6 6 11-13" class="tick" />
                <text v-else y="6.5">{{ tallies ? stand.left : stand.asked }}</text>
            </g>
        </svg>
    </div>
</template>

<style scoped>
.frame {
    overflow-x: auto;
    overflow-y: hidden;
    scrollbar-width: thin;
}
svg {
    display: block;
}
.lead {
    stroke: var(--route);
    stroke-width: 1.5;
    stroke-dasharray: 3 4;
    fill: none;
}
.brace path {
    stroke: var(--quiet);
    stroke-width: 2;
}
.brace text {
    text-anchor: middle;
    font: 600 14px var(--display-face);
    font-stretch: 75%;
    fill: var(--quiet);
}
.live {
    cursor: pointer;
}
.glass {
    fill: var(--paper);
}
.fill {
    fill: var(--strong);
    fill-opacity: 0.34;
}
.full .fill {
    fill-opacity: 1;
}
.rim {
    fill: none;
    stroke: var(--quiet);
    stroke-width: 2;
}
/* Left with something not said: a broken, heavier rim, so that colour is not needed to see it. */
.closed:not(.full) .rim {
    stroke: var(--lost);
    stroke-width: 4;
    stroke-dasharray: 14 6;
}
.current .glass {
    fill: var(--ink);
}
.current:not(.full) .fill {
    fill: var(--paper);
    fill-opacity: 0.3;
}
.current .rim {
    stroke: var(--ink);
    stroke-width: 4;
    stroke-dasharray: none;
}
.tick {
    fill: none;
    stroke: var(--strongInk);
    stroke-width: 4;
    stroke-linecap: round;
    stroke-linejoin: round;
}
.stand text {
    text-anchor: middle;
    font: 700 18px var(--display-face);
    font-stretch: 80%;
    fill: var(--ink);
}
/* Where the student stands: ink, turned round. */
.current:not(.full) text {
    fill: var(--paper);
}
.stand:focus-visible {
    outline: 3px solid var(--late);
    border-radius: 50%;
}
</style>
