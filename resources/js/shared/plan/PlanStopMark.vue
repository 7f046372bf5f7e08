<script setup lang="ts">
import { computed } from 'vue';
import { STOP, type PlanLayout, type PlanStop } from './planLayout';
import { inTwoLines } from './inTwoLines';

/* One stop of the walk: how many of its items are left, filled from below; its name where there is room, or on focus. */
const props = defineProps<{
    stop: PlanStop & { asked: number; said: number; part: number; current: boolean; closed: boolean };
    layout: PlanLayout;
    /** Whether it is told how much was said. */
    told: boolean;
    interactive: boolean | undefined;
    counts: string;
}>();
const emit = defineEmits<{ go: [] }>();

const radius = STOP / 2 - 2;
const left = computed(() => props.stop.asked - props.stop.said);
const isFull = computed(() => left.value === 0);
const level = computed(() => (props.stop.asked === 0 ? 1 : props.stop.said / props.stop.asked) * 2 * radius);
const label = computed(() => {
    const { name, asked, said, part, closed } = props.stop;
    if (!props.told) return `${name}: ${asked} items`;
    if (props.counts !== 'left') return `${name}: ${left.value} of ${asked} ${props.counts}`;
    return `${name}: ${said} of ${asked} said${part > 0 ? `, ${part} partial` : ''}${closed ? ', closed' : ''}`;
});
/** Names at rest lie away from the vehicle; the one at hand, or in focus, on it. */
const lines = computed(() => inTwoLines(props.stop.name));
const nameY = computed(() => (props.stop.lane === 'far' ? -STOP / 2 - 19 : STOP / 2 + 13));
const tagWidth = computed(() => props.stop.name.length * 7.6 + 20);
const tagX = computed(() =>
    Math.max(4 - props.stop.x, Math.min(props.layout.width - props.stop.x - tagWidth.value - 4, -tagWidth.value / 2)),
);
const tagY = computed(() => (props.stop.lane === 'near' ? -STOP / 2 - 34 : STOP / 2 + 6));
</script>

<template>
    <g
        class="stand"
        :class="{ current: stop.current, closed: stop.closed, full: isFull, live: interactive }"
        :transform="`translate(${stop.x} ${stop.y})`"
        :role="interactive ? 'button' : 'img'"
        :tabindex="interactive ? 0 : undefined"
        :aria-label="label"
        :aria-current="stop.current ? 'location' : undefined"
        :data-place="stop.place"
        @click="interactive && emit('go')"
        @keydown.enter.prevent="interactive && emit('go')"
    >
        <title>{{ label }}</title>
        <clipPath :id="`level-${stop.place}`">
            <rect :x="-radius" :y="radius - level" :width="2 * radius" :height="level" />
        </clipPath>
        <circle :r="radius" class="glass" />
        <circle :r="radius" class="fill" :clip-path="`url(#level-${stop.place})`" />
        <circle :r="radius" class="rim" />
        <path v-if="isFull && told" d="m-8 1 6 6 11-13" class="tick" />
        <text v-else class="count" y="6.5">{{ told ? left : stop.asked }}</text>
        <text v-if="layout.isRoomy && stop.lane !== 'nose' && stop.lane !== 'rear'" class="name" aria-hidden="true">
            <tspan v-for="(line, n) in lines" :key="n" x="0" :y="nameY + 13 * n">{{ line }}</tspan>
        </text>
        <g class="tag" :class="{ always: stop.current }" :transform="`translate(${tagX} ${tagY})`" aria-hidden="true">
            <rect :width="tagWidth" height="28" rx="6" />
            <text :x="tagWidth / 2" y="19">{{ stop.name }}</text>
        </g>
    </g>
</template>

<style scoped>
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
/* Left with something not said: a broken, heavier rim, so that color is not needed to see it. */
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
text {
    text-anchor: middle;
    fill: var(--ink);
}
.count {
    font: 700 18px var(--display-face);
    font-stretch: 80%;
}
.name {
    font: 600 13px var(--display-face);
    font-stretch: 75%;
    fill: var(--quiet);
}
/* Where the student stands: ink, turned round. */
.current:not(.full) .count {
    fill: var(--paper);
}
.tag {
    visibility: hidden;
    pointer-events: none;
}
.tag rect {
    fill: var(--ink);
}
.tag text {
    font: 700 15px var(--display-face);
    font-stretch: 80%;
    fill: var(--paper);
}
.tag.always,
.stand:hover .tag,
.stand:focus-visible .tag {
    visibility: visible;
}
.stand:focus-visible {
    outline: 3px solid var(--late);
    border-radius: 50%;
}
</style>
