<script setup lang="ts">
import { minutes } from '@/shared/format';
import { computed } from 'vue';
import type { ItemMoment, WalkSound } from './useWalkSound';

/* How loud it was from the beginning to the end, and when each item was marked; a tap plays from there. */
const props = defineProps<{
    /** Milliseconds of the walk. */
    walkMs: number;
    marks: ItemMoment[];
    sound: WalkSound;
}>();

const WIDE = 1200;
const HIGH = 96;
/** Room below the strip for the marks. */
const MARKS = 22;

const lasts = computed(() =>
    Math.max(1, props.walkMs, ...props.sound.playable.value.map(({ from_ms, lasts_ms }) => from_ms + lasts_ms)),
);
const x = (ms: number): number => (WIDE * ms) / lasts.value;
/** Loudness is felt by its root: a quiet voice would be a flat line otherwise. */
const loud = computed(() =>
    props.sound.playable.value
        .map(({ from_ms, lasts_ms, strip }) =>
            strip
                .map((one, n) => {
                    const half = Math.max(1, (HIGH / 2) * Math.sqrt(Math.min(1, one * 2)));
                    const at = x(from_ms + (lasts_ms * n) / strip.length).toFixed(1);
                    return `M${at} ${(HIGH / 2 - half).toFixed(1)}V${(HIGH / 2 + half).toFixed(1)}`;
                })
                .join(''),
        )
        .join(''),
);
const marks = computed(() => props.marks.map(({ item, at_ms }) => ({ item, at: x(at_ms) })));

function play(event: MouseEvent): void {
    const box = (event.currentTarget as HTMLElement).getBoundingClientRect();
    void props.sound.playFrom(((event.clientX - box.left) / box.width) * lasts.value);
}
</script>

<template>
    <div
        class="strip"
        role="slider"
        tabindex="0"
        aria-label="Where in the walk"
        :aria-valuemin="0"
        :aria-valuemax="Math.round(lasts / 1000)"
        :aria-valuenow="Math.round(sound.at.value / 1000)"
        :aria-valuetext="minutes(sound.at.value)"
        data-test="strip"
        @click="play"
    >
        <svg :viewBox="`0 0 ${WIDE} ${HIGH + MARKS}`" preserveAspectRatio="none" aria-hidden="true">
            <path class="loud" :d="loud" />
            <path
                v-for="mark in marks"
                :key="mark.item"
                class="mark"
                :d="`M${mark.at.toFixed(1)} ${HIGH + 4}v${MARKS - 6}`"
            />
            <path class="now" :d="`M${x(sound.at.value).toFixed(1)} 0v${HIGH + MARKS}`" />
        </svg>
    </div>
</template>

<style scoped>
.strip {
    padding: var(--space-3) 0;
    background: var(--sunken);
    border: 2px solid var(--line);
    cursor: pointer;
}
svg {
    display: block;
    width: 100%;
    height: 118px;
}
path {
    vector-effect: non-scaling-stroke;
}
.loud {
    stroke: var(--strong);
    stroke-width: 1.5;
}
.mark {
    stroke: var(--ink);
    stroke-width: 2;
}
.now {
    stroke: var(--part);
    stroke-width: 3;
}
</style>
