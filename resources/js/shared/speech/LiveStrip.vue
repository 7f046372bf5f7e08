<script setup lang="ts">
import type { OpenAttempt } from '@/shared/attempt/useAttempt';
import { NButton } from 'naive-ui';
import type { Place } from '@/shared/attempt/api';
import { computed } from 'vue';
import type { Suggestion } from './api';
import type { LiveWords } from './useLiveWords';

/* What is being said, and the newest proposals that wait for a tap. */
const TAIL = 60;
const props = defineProps<{ live: LiveWords; walk: OpenAttempt; place: Place | undefined }>();
const emit = defineEmits<{ confirm: [heard: Suggestion[]] }>();
const here = computed(() => (props.place?.items ?? []).flatMap(({ id }) => props.live.faint.value.get(id) ?? []));
/** The end of it is what matters: it is what is being said now. */
const tail = computed(() => {
    const said = props.live.interim.value;
    return said.length > TAIL ? `…${said.slice(said.indexOf(' ', said.length - TAIL))}` : said;
});
const newest = computed(() => [...props.live.faint.value.values()].slice(-3).reverse());
const nameOf = (one: Suggestion): string => props.walk.items.value.find(({ id }) => id === one.item)?.name ?? '';
</script>

<template>
    <section class="strip" aria-label="Heard just now">
        <p class="said" :title="live.interim.value">
            <span class="ear" aria-hidden="true"></span>{{ tail || 'Listening…' }}
        </p>
        <p v-if="live.why.value" role="alert">{{ live.why.value }}</p>
        <button
            v-for="one in newest"
            :key="one.key"
            type="button"
            class="offer"
            :data-offer="one.item"
            @click="emit('confirm', [one])"
        >
            <strong>{{ nameOf(one) }}</strong> <span class="numeral">{{ Math.round(one.confidence * 100) }}%</span>
        </button>
        <span v-if="live.faint.value.size > 3" class="quiet more">and {{ live.faint.value.size - 3 }} more</span>
        <NButton type="primary" :disabled="here.length === 0" data-test="confirm-here" @click="emit('confirm', here)"
            >Take all {{ here.length }} here</NButton
        >
        <NButton quaternary @click="live.stop">Stop</NButton>
    </section>
</template>

<style scoped>
.strip {
    display: flex;
    gap: var(--space-5);
    /* Always the same height: what is proposed must not move the tiles away from under a thumb. */
    height: 64px;
    flex: none;
    overflow: hidden;
    align-items: center;
    padding: var(--space-1) var(--space-6);
    border-bottom: 2px dotted var(--ink);
}
.said {
    flex: 1 1 120px;
    min-width: 0;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
}
.ear {
    display: inline-block;
    width: 12px;
    height: 12px;
    border: 3px dotted var(--strong);
    border-radius: 50%;
    margin: 0 var(--space-3);
}
.offer {
    min-height: 48px;
    max-width: 280px;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
    padding: 0 var(--space-5);
    background: var(--panel);
    border: 3px dotted var(--ink);
    border-radius: var(--round-large);
    cursor: pointer;
}
@media (max-width: 700px) {
    .offer,
    .more {
        display: none;
    }
}
</style>
