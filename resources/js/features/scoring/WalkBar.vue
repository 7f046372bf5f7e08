<script setup lang="ts">
import RecordButton from '@/shared/sound/RecordButton.vue';
import { minutes } from '@/shared/format';
import type { WalkRecording } from '@/shared/sound/useRecording';
import { useIntervalFn } from '@vueuse/core';
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import { keepingWords } from './keepingWords';
import type { OpenAttempt } from '@/shared/attempt/useAttempt';

/* Who walks, how long, how far, and whether every mark is kept. */
const props = defineProps<{ walk: OpenAttempt; silent: boolean; totals: boolean; recording: WalkRecording }>();
defineEmits<{ note: []; tools: []; pause: []; finish: [] }>();

/** The last stretch, in which the time is told quietly. */
const WARN_MS = 5 * 60_000;

const now = ref(props.walk.clock.nowMs());
const paused = ref(props.walk.clock.paused);
useIntervalFn(() => {
    now.value = props.walk.clock.nowMs();
    paused.value = props.walk.clock.paused;
}, 250);

const card = computed(() => props.walk.attempt.value?.card);
const inspection = computed(() => props.walk.attempt.value?.inspection);
const allowedMs = computed(() => {
    const seconds = inspection.value?.time_allowed_seconds ?? null;
    return seconds === null ? undefined : seconds * 1000;
});
const leftMs = computed(() => (allowedMs.value === undefined ? undefined : allowedMs.value - now.value));
const warning = computed(() => {
    if (leftMs.value === undefined || leftMs.value > WARN_MS) return '';
    return leftMs.value >= 0 ? `${minutes(leftMs.value)} left` : `${minutes(-leftMs.value)} over`;
});

/** Time in the section at hand: what the server knows of it, and since when the student is here. */
const section = computed(() => {
    const here = props.walk.places.value.find(({ id }) => id === props.walk.place.value);
    const score = props.walk.sheet.value?.sections.find(({ id }) => id === here?.section);
    if (score === undefined || score.time_allowed_seconds === null) return undefined;
    const since = now.value - (props.walk.sheet.value?.duration_ms ?? 0);
    const ms = score.time_ms + Math.max(0, since);
    return { name: score.name, ms, allowed: score.time_allowed_seconds * 1000 };
});

const said = computed(() => [...props.walk.tallies.value.values()].reduce((sum, { said: one }) => sum + one, 0));
const asked = computed(() => props.walk.items.value.length);
const keeping = computed(() => keepingWords(props.walk.sending.value));
</script>

<template>
    <header class="bar">
        <RouterLink to="/" class="back" aria-label="Leave the walk; it can be resumed from Today">Today</RouterLink>
        <div class="who">
            <strong>{{ card?.student }}</strong>
            <span class="quiet">{{ card?.vehicle }}</span>
        </div>
        <div class="clock numeral" role="timer" aria-label="Time in the walk" :class="{ paused }">
            {{ minutes(now) }}<small v-if="allowedMs" class="quiet"> of {{ minutes(allowedMs) }}</small>
            <small v-if="paused"> paused</small>
            <small v-else-if="warning" class="warning">{{ warning }}</small>
            <small v-else-if="section && section.ms > section.allowed * 0.8" class="warning section">
                {{ section.name }} {{ minutes(section.ms) }} of {{ minutes(section.allowed) }}</small
            >
        </div>
        <div v-if="!silent || totals" class="count numeral">
            {{ said }}<small class="quiet"> of {{ asked }} <span class="said">said</span></small>
        </div>
        <div class="keeping" :class="keeping.tone" role="status" data-test="keeping">{{ keeping.word }}</div>
        <div class="acts">
            <RecordButton v-if="walk.attempt.value?.may_record" :recording="recording" />
            <NButton size="large" class="wide" @click="$emit('note')">Note&nbsp;<kbd>;</kbd></NButton>
            <NButton size="large" class="pause" data-test="pause" @click="$emit('pause')">{{
                paused ? 'Go on' : 'Pause'
            }}</NButton>
            <NButton size="large" data-test="tools" @click="$emit('tools')">More</NButton>
            <NButton size="large" data-test="finish" @click="$emit('finish')">Finish</NButton>
        </div>
    </header>
</template>

<style scoped>
.bar {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: var(--space-1) var(--space-6);
    padding: var(--space-3) var(--space-6);
    border-bottom: 2px solid var(--ink);
}
.back {
    min-height: 48px;
    display: inline-flex;
    align-items: center;
    font-weight: 600;
}
.who {
    flex: 0 1 200px;
    display: grid;
    line-height: 1.2;
    min-width: 0;
}
.who .quiet {
    font-size: var(--size-small);
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
}
.clock,
.count {
    font-size: var(--size-figure);
    line-height: 1;
}
.clock {
    margin-left: auto;
}
.paused {
    color: var(--part);
}
small {
    font: 400 var(--size-small) var(--text-face);
}
.warning {
    color: var(--part);
    font-weight: 700;
    margin-left: var(--space-2);
}
.keeping {
    font-size: var(--size-small);
    min-width: 76px;
}
.keeping.part {
    color: var(--part);
    font-weight: 700;
}
.keeping.lost {
    color: var(--lost);
    font-weight: 700;
}
.acts {
    flex-wrap: nowrap;
}
@media (max-width: 1000px) {
    .wide,
    .section {
        display: none;
    }
    .clock .quiet {
        display: none;
    }
}
@media (max-height: 599px) {
    .bar {
        flex-wrap: nowrap;
        padding-block: var(--space-1);
    }
    .who .quiet,
    .said,
    .count .quiet {
        display: none;
    }
}
@media (max-width: 700px) {
    .bar {
        gap: var(--space-2) var(--space-5);
        padding: var(--space-2) var(--space-4);
    }
    .who .quiet {
        display: none;
    }
    .clock,
    .count {
        font-size: var(--size-head);
    }
    .acts {
        margin-left: auto;
    }
    .keeping {
        min-width: 0;
        flex: 1;
    }
    .pause,
    .said {
        display: none;
    }
}
</style>
