<script setup lang="ts">
import { minutes } from '@/shared/format';
import { useIntervalFn } from '@vueuse/core';
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import type { OpenAttempt } from './useAttempt';

const props = defineProps<{ walk: OpenAttempt }>();
defineEmits<{ note: []; finish: [] }>();

const now = ref(props.walk.clock.nowMs());
useIntervalFn(() => (now.value = props.walk.clock.nowMs()), 250);

const card = computed(() => props.walk.attempt.value?.card);
const allowed = computed(() => props.walk.attempt.value?.inspection.time_allowed_seconds ?? undefined);
const said = computed(() => [...props.walk.tallies.value.values()].reduce((sum, { said }) => sum + said, 0));
const asked = computed(() => props.walk.items.value.length);

const keeping = computed(() => {
    const sending = props.walk.sending.value;
    switch (sending.state) {
        case 'sent':
            return { word: 'all sent', tone: 'fine' };
        case 'sending':
            return { word: `sending ${sending.waiting}`, tone: 'fine' };
        case 'kept':
            return { word: `${sending.waiting} kept here, no server`, tone: 'part' };
        case 'signed_out':
            return { word: `${sending.waiting} kept here, signed out`, tone: 'part' };
        case 'refused':
            return { word: `${sending.waiting} kept here, refused`, tone: 'lost' };
        case 'unkept':
            return { word: 'this device keeps nothing', tone: 'lost' };
    }
    return { word: '', tone: 'fine' };
});
</script>

<template>
    <header class="bar">
        <RouterLink to="/" class="back" aria-label="Leave the walk; it can be resumed from Today">Today</RouterLink>
        <div class="who">
            <strong>{{ card?.student }}</strong>
            <span class="quiet">{{ card?.vehicle }}</span>
        </div>
        <div class="clock numeral" role="timer" aria-label="Time in the walk">
            {{ minutes(now) }}<small v-if="allowed" class="quiet"> of {{ minutes(allowed * 1000) }}</small>
        </div>
        <div class="count numeral">
            {{ said }}<small class="quiet"> of {{ asked }} said</small>
        </div>
        <div class="keeping" :class="keeping.tone" role="status" data-test="keeping">{{ keeping.word }}</div>
        <div class="acts">
            <NButton size="large" @click="$emit('note')">Note&nbsp;<kbd>N</kbd></NButton>
            <NButton size="large" data-test="finish" @click="$emit('finish')">Finish</NButton>
        </div>
    </header>
</template>

<style scoped>
.bar {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 16px;
    padding: 8px 16px;
    border-bottom: 2px solid var(--ink);
}
.back {
    min-height: 48px;
    display: inline-flex;
    align-items: center;
    font-weight: 600;
}
.who {
    flex: 0 1 220px;
    display: grid;
    line-height: 1.2;
    min-width: 0;
}
.who .quiet {
    font-size: 0.85rem;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
}
.clock,
.count {
    font-size: 1.75rem;
    line-height: 1;
}
.clock {
    margin-left: auto;
}
small {
    font: 400 0.9rem var(--text-face);
}
.keeping {
    font-size: 0.9rem;
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
    display: flex;
    gap: 8px;
}
@media (max-width: 900px) {
    .who {
        flex-basis: 150px;
    }
    .clock small {
        display: none;
    }
}
@media (max-width: 700px) {
    .bar {
        gap: 6px 12px;
        padding: 6px 10px;
    }
    .who .quiet {
        display: none;
    }
    .clock,
    .count {
        font-size: 1.4rem;
    }
    .acts {
        margin-left: auto;
    }
    .keeping {
        min-width: 0;
    }
}
</style>
