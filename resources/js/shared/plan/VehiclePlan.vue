<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';
import { useElementSize } from '@vueuse/core';
import { computed, nextTick, ref, watch } from 'vue';
import PlanBody from './PlanBody.vue';
import PlanNames from './PlanNames.vue';
import PlanOverview from './PlanOverview.vue';
import PlanStopMark from './PlanStopMark.vue';
import { hopPath } from './hops';
import { layoutPlan, NARROW } from './planLayout';
import { partShares } from './planParts';

export interface PlaceTally {
    /** Items asked, items said in any way, items of those said only in part. */
    asked: number;
    said: number;
    part: number;
}

/* The walk as one line around the vehicle. Its stops are the navigation; the vehicle fills as its parts are heard. */
const props = defineProps<{
    inspection: Schemas['InspectionResource'];
    tallies?: Map<string, PlaceTally> | undefined;
    current?: string | undefined;
    /** The place that is only looked at, where one is. */
    looked?: string | undefined;
    closed?: Set<string>;
    interactive?: boolean;
    /** Places in the order in which they were really walked. */
    walked?: string[];
    /** What the figure in a stop counts, as "left" or "missed". */
    counts?: string;
}>();
const emit = defineEmits<{ go: [place: string] }>();

const frame = ref<HTMLElement>();
const { width } = useElementSize(frame);
const layout = computed(() => layoutPlan(props.inspection, width.value || 1200));
const places = computed(() => new Map(props.inspection.places.map((place) => [place.id, place])));
const byUnit = computed(() => props.inspection.places.some(({ unit }) => unit !== null));
const shares = computed(() => partShares(props.inspection.places, props.tallies ?? new Map()));
const stops = computed(() =>
    layout.value.stops.map((stop) => {
        const asked = places.value.get(stop.place)?.items.length ?? 0;
        const tally = props.tallies?.get(stop.place) ?? { asked, said: 0, part: 0 };
        return {
            ...stop,
            asked: tally.asked,
            said: tally.said,
            part: tally.part,
            current: stop.place === props.current,
            looked: stop.place === props.looked,
            closed: props.closed?.has(stop.place) === true,
        };
    }),
);
/** Only looked at, it is drawn as small as it takes to be seen whole; a phone still shows a piece of it. */
const isShrunk = computed(
    () => props.interactive !== true && width.value >= NARROW && layout.value.width > width.value,
);
/** Where the walk has come to on the line. */
const reached = computed(() => layout.value.stops.find(({ place }) => place === props.current)?.along ?? 0);
const pointed = ref<string>();
/** Of all stops one can be reached by Tab; from there the arrows go along the walk. */
const tabStop = computed(() => pointed.value ?? props.looked ?? props.current ?? layout.value.stops[0]?.place);
function alongTheWalk(by: -1 | 1): void {
    const all = layout.value.stops.map(({ place }) => place);
    const next = all[all.indexOf(tabStop.value ?? '') + by];
    if (next !== undefined) frame.value?.querySelector<SVGElement>(`[data-place="${CSS.escape(next)}"]`)?.focus();
}
const hops = computed(() => hopPath(props.walked ?? [], layout.value));

watch(
    () => [props.looked ?? props.current, layout.value.width] as const,
    async ([current]) => {
        await nextTick();
        const stop = layout.value.stops.find(({ place }) => place === current);
        if (stop !== undefined) frame.value?.scrollTo({ left: stop.x - width.value / 2, behavior: 'smooth' });
    },
    { immediate: true },
);
</script>

<template>
    <div class="plan-of-walk">
        <PlanOverview
            v-if="current !== undefined && !isShrunk && width > 0 && layout.width > width + 1"
            :inspection="inspection"
            :stops="stops"
        />
        <div ref="frame" class="frame">
            <svg
                :width="isShrunk ? '100%' : layout.width"
                :height="isShrunk ? undefined : layout.height"
                :viewBox="`0 0 ${layout.width} ${layout.height}`"
                role="group"
                :aria-label="`Walk around ${inspection.vehicle}, front to the left`"
                @keydown.left.stop.prevent="alongTheWalk(-1)"
                @keydown.right.stop.prevent="alongTheWalk(1)"
            >
                <PlanBody :units="inspection.units" :layout="layout" :shares="shares" :by-unit="byUnit" />
                <path class="line" :d="layout.line.d" />
                <path
                    v-if="walked === undefined && reached > 0"
                    class="line done"
                    :d="layout.line.d"
                    :stroke-dasharray="`${reached} ${layout.line.length}`"
                />
                <path v-for="(hop, n) in hops" :key="n" class="hop" :d="hop.d" :class="{ back: hop.isBack }" />
                <text
                    v-for="section in layout.sections"
                    :key="`${section.name}-${section.x}`"
                    class="section"
                    :x="section.x"
                    :y="section.y"
                    aria-hidden="true"
                >
                    {{ section.name }}
                </text>
                <PlanStopMark
                    v-for="stop in stops"
                    :key="stop.place"
                    :stop="stop"
                    :told="tallies !== undefined"
                    :interactive="interactive"
                    :tab-stop="stop.place === tabStop"
                    :counts="counts ?? 'left'"
                    @go="emit('go', stop.place)"
                    @point="(at) => (pointed = at ? stop.place : undefined)"
                />
                <PlanNames :layout="layout" :told="[current, looked, pointed]" />
            </svg>
        </div>
    </div>
</template>

<style scoped>
.plan-of-walk {
    min-width: 0;
}
.frame {
    overflow-x: auto;
    overflow-y: hidden;
    scrollbar-width: thin;
}
svg {
    display: block;
}
.line {
    fill: none;
    stroke: var(--line);
    stroke-width: 10;
    stroke-linecap: round;
}
.done {
    stroke: var(--strong);
    stroke-width: 5;
}
.hop {
    fill: none;
    stroke: var(--late);
    stroke-width: 3;
}
.back {
    stroke-dasharray: 7 5;
}
.section {
    text-anchor: middle;
    /* At the ends the words lie over the line. */
    paint-order: stroke;
    stroke: var(--sunken);
    stroke-width: 6;
    font: 600 14px var(--display-face);
    font-stretch: 75%;
    fill: var(--quiet);
}
</style>
