<script setup lang="ts">
import { computed } from 'vue';
import { STOP, type PlanStop } from './planLayout';

/* One stop of the walk: how many of its items are left, filled from below; its name is drawn beside it. */
const props = defineProps<{
    stop: PlanStop & { asked: number; said: number; part: number; current: boolean; looked: boolean; closed: boolean };
    /** Whether it is told how much was said. */
    told: boolean;
    interactive: boolean | undefined;
    /** Whether Tab comes to it. */
    tabStop: boolean;
    counts: string;
}>();
const emit = defineEmits<{ go: []; point: [at: boolean] }>();

const radius = STOP / 2 - 2;
const left = computed(() => props.stop.asked - props.stop.said);
const isFull = computed(() => left.value === 0);
const level = computed(() => (props.stop.asked === 0 ? 1 : props.stop.said / props.stop.asked) * 2 * radius);
const label = computed(() => {
    const { name, asked, said, part, closed } = props.stop;
    if (!props.told) return `${name}: ${asked} items`;
    if (props.counts !== 'left') return `${name}: ${left.value} of ${asked} ${props.counts}`;
    // The figure in the stop is part of its name.
    const more = [...(part > 0 ? [`${part} partial`] : []), ...(closed ? ['closed'] : [])];
    return [`${name}: ${left.value} left`, `${said} of ${asked} said`, ...more].join(', ');
});
</script>

<template>
    <g
        class="stand"
        :class="{ current: stop.current, looked: stop.looked, closed: stop.closed, full: isFull, live: interactive }"
        :transform="`translate(${stop.x} ${stop.y})`"
        :role="interactive ? 'button' : 'img'"
        :tabindex="interactive ? (tabStop ? 0 : -1) : undefined"
        :aria-label="label"
        :aria-current="stop.current ? 'location' : undefined"
        :data-place="stop.place"
        @click="interactive && emit('go')"
        @mouseenter="emit('point', true)"
        @mouseleave="emit('point', false)"
        @focus="emit('point', true)"
        @blur="emit('point', false)"
        @keydown.enter.prevent="interactive && emit('go')"
        @keydown.space.prevent.stop="interactive && emit('go')"
    >
        <title>{{ label }}</title>
        <clipPath :id="`level-${stop.place}`">
            <rect :x="-radius" :y="radius - level" :width="2 * radius" :height="level" />
        </clipPath>
        <circle :r="radius" class="glass" />
        <circle :r="radius" class="fill" :clip-path="`url(#level-${stop.place})`" />
        <circle :r="radius" class="rim" />
        <circle v-if="stop.looked" :r="radius + 5" class="look" />
        <path v-if="isFull && told" d="m-8 1 6 6 11-13" class="tick" />
        <text v-else class="figure" y="6.5">{{ told ? left : stop.asked }}</text>
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
/* Only looked at: a dotted ring outside, the stop itself as it is. */
.look {
    fill: none;
    stroke: var(--ink);
    stroke-width: 3;
    stroke-dasharray: 3 5;
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
.figure {
    font: 700 18px var(--display-face);
    font-stretch: 80%;
}
/* Where the student stands: ink, turned round. */
.current:not(.full) .figure {
    fill: var(--paper);
}
.stand:focus-visible {
    outline: 3px solid var(--late);
    border-radius: 50%;
}
</style>
