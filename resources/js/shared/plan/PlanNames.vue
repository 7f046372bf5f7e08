<script setup lang="ts">
import { computed } from 'vue';
import { inTwoLines } from './inTwoLines';
import { STOP, type PlanLayout, type PlanStop } from './planLayout';

/* The names of stops: at rest where there is room, away from the vehicle; of the one at hand or pointed at, over it. */
const props = defineProps<{ layout: PlanLayout; told: (string | undefined)[] }>();

const atRest = computed(() =>
    (props.layout.isRoomy ? props.layout.stops : [])
        .filter(({ lane }) => lane === 'far' || lane === 'near')
        .map((stop) => {
            const lines = inTwoLines(stop.name);
            const first =
                stop.lane === 'far' ? stop.y - STOP / 2 - 6 - 13 * (lines.length - 1) : stop.y + STOP / 2 + 13;
            return { ...stop, lines: lines.map((text, n) => ({ text, y: first + 13 * n })) };
        }),
);
const tags = computed(() =>
    props.layout.stops
        .filter(({ place }) => props.told.includes(place))
        .map((stop: PlanStop) => {
            const width = stop.name.length * 7.6 + 20;
            const x = Math.max(4, Math.min(props.layout.width - width - 4, stop.x - width / 2));
            return { ...stop, width, x, y: stop.lane === 'near' ? stop.y - STOP / 2 - 34 : stop.y + STOP / 2 + 6 };
        }),
);
</script>

<template>
    <g aria-hidden="true">
        <text v-for="stop in atRest" :key="stop.place" class="rest">
            <tspan v-for="line in stop.lines" :key="line.text" :x="stop.x" :y="line.y">{{ line.text }}</tspan>
        </text>
        <g v-for="tag in tags" :key="tag.place" class="tag" :transform="`translate(${tag.x} ${tag.y})`">
            <rect :width="tag.width" height="28" rx="6" />
            <text :x="tag.width / 2" y="19">{{ tag.name }}</text>
        </g>
    </g>
</template>

<style scoped>
text {
    text-anchor: middle;
}
.rest {
    font: 600 13px var(--display-face);
    font-stretch: 75%;
    fill: var(--quiet);
}
.tag {
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
</style>
