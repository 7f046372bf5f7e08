<script setup lang="ts">
import { computed } from 'vue';
import { useCabSound } from './cabSound';
import NeedleGauge from '@/shared/brakes/NeedleGauge.vue';
import type { Cab } from './useCab';

/* What the eyes are on: two needles, the warning, the stopwatch, and what just happened. */
const props = defineProps<{ cab: Cab }>();
const { gauges, minute, now, told } = props.cab;
const warning = computed(() => gauges.value.warning);
const { on: loud, toggle } = useCabSound(warning, told);
const stopwatch = computed(() => {
    const tenths = Math.floor((minute.value === undefined ? 0 : now.value - minute.value) / 100);
    return `${Math.floor(tenths / 600)}:${String(Math.floor(tenths / 10) % 60).padStart(2, '0')}.${tenths % 10}`;
});
const run = (): void => props.cab.touch({ kind: minute.value === undefined ? 'minute-started' : 'minute-ended' });
</script>

<template>
    <section class="dash" aria-label="Gauges">
        <NeedleGauge label="primary" :psi="gauges.primary" />
        <NeedleGauge label="secondary" :psi="gauges.secondary" />
        <p class="warn" :class="{ on: warning }" role="status" data-test="warning">
            <span aria-hidden="true">{{ warning ? '▲' : '△' }}</span> {{ warning ? 'LOW AIR' : 'no warning' }}
        </p>
        <button type="button" class="watch" :class="{ on: minute !== undefined }" data-test="watch" @click="run">
            <strong class="numeral">{{ stopwatch }}</strong>
            <span>{{ minute === undefined ? 'Start' : 'Stop' }} <kbd>s</kbd></span>
        </button>
        <p class="told" role="status" data-test="told">{{ told }}</p>
        <button type="button" class="sound" :aria-pressed="loud" @click="toggle">
            Sound {{ loud ? 'on' : 'off' }}
        </button>
    </section>
</template>

<style scoped>
.dash {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: var(--space-3) var(--space-5);
    padding: var(--space-5);
    background: var(--sunken);
    border-radius: var(--round-sheet);
}
.warn {
    margin: 0;
    display: grid;
    place-content: center;
    grid-auto-flow: column;
    gap: var(--space-3);
    border: 3px solid var(--line);
    border-radius: var(--round-middle);
    color: var(--quiet);
    background: var(--panel);
}
.warn.on {
    border: 5px dashed var(--lost);
    color: var(--lost);
    font-weight: 800;
    font-size: var(--size-title);
}
.watch {
    min-height: 72px;
    border: 3px solid var(--ink);
    border-radius: var(--round-large);
    background: var(--panel);
    color: var(--ink);
    cursor: pointer;
    touch-action: manipulation;
}
.watch strong {
    display: block;
    font-size: var(--size-figure);
    line-height: 1.1;
}
.watch.on {
    background: var(--ink);
    color: var(--paper);
}
.told {
    margin: 0;
    min-height: 1.5em;
    font-weight: 700;
    align-self: center;
}
.sound {
    justify-self: end;
    min-height: 44px;
    padding: 0 var(--space-5);
    border: 2px solid var(--line);
    border-radius: var(--round-middle);
    background: none;
    color: var(--ink);
    cursor: pointer;
}
/* On a narrow screen the needles stay in sight while the hands are further down. */
@media (max-width: 900px) {
    .dash {
        position: sticky;
        top: 0;
        z-index: 2;
        padding: var(--space-2) var(--space-4);
        gap: var(--space-1) var(--space-4);
        border-radius: 0 0 var(--round-sheet) var(--round-sheet);
        box-shadow: 0 3px 0 var(--line);
    }
    .watch {
        min-height: 60px;
    }
    .told:empty {
        display: none;
    }
}
/* A quarter of a phone's height is enough to read both needles. */
@media (max-width: 600px) {
    .dash {
        grid-template-columns: repeat(6, 1fr);
    }
    .dash > :deep(*) {
        grid-column: span 3;
    }
    .dash :deep(svg) {
        max-height: 84px;
    }
    .dash .warn,
    .dash .watch,
    .dash .sound {
        grid-column: span 2;
        justify-self: stretch;
        padding: 0;
        min-height: 48px;
        font-size: var(--size-small);
    }
    .dash .watch strong {
        font-size: var(--size-strong);
    }
    .dash .told {
        grid-column: 1 / -1;
        order: 1;
    }
}
</style>
