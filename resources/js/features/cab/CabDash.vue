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
    gap: 8px 14px;
    padding: 14px;
    background: var(--sunken);
    border-radius: 16px;
}
.warn {
    margin: 0;
    display: grid;
    place-content: center;
    grid-auto-flow: column;
    gap: 8px;
    border: 3px solid var(--line);
    border-radius: 10px;
    color: var(--quiet);
    background: var(--panel);
}
.warn.on {
    border: 5px dashed var(--lost);
    color: var(--lost);
    font-weight: 800;
    font-size: 1.25rem;
}
.watch {
    min-height: 72px;
    border: 3px solid var(--ink);
    border-radius: 12px;
    background: var(--panel);
    color: var(--ink);
    cursor: pointer;
    touch-action: manipulation;
}
.watch strong {
    display: block;
    font-size: 1.9rem;
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
    padding: 0 14px;
    border: 2px solid var(--line);
    border-radius: 8px;
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
        padding: 6px 10px;
        gap: 4px 10px;
        border-radius: 0 0 16px 16px;
        box-shadow: 0 3px 0 var(--line);
    }
    .watch {
        min-height: 60px;
    }
}
</style>
