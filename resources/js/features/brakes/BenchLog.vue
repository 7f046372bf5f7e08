<script setup lang="ts">
import { minutes } from '@/shared/format';
import { NButton } from 'naive-ui';
import type { BrakeEvent } from '@/shared/brakes/api';

/* What was observed, the newest first; any of it can be taken back. */
defineProps<{ events: BrakeEvent[] }>();
defineEmits<{ takeBack: [index: number] }>();

function told({ kind, to, primary, secondary, value, text }: BrakeEvent): string {
    if (text !== undefined) return `“${text}”`;
    const gauges = primary === undefined ? '' : `${primary} / ${secondary ?? primary} psi`;
    return [kind.replace('-', ' '), to?.replace('-', ' '), value, gauges].filter(Boolean).join(' ');
}
</script>

<template>
    <details>
        <summary>{{ events.length }} events</summary>
        <ol reversed>
            <li v-for="(event, n) in events.toReversed()" :key="`${event.at_ms} ${n}`">
                <span class="numeral">{{ minutes(event.at_ms) }}</span> {{ told(event) }}
                <NButton quaternary size="small" @click="$emit('takeBack', events.length - 1 - n)">Take back</NButton>
            </li>
        </ol>
    </details>
</template>

<style scoped>
summary {
    min-height: 44px;
    cursor: pointer;
    font-weight: 700;
}
ol {
    margin: 0;
    padding: 0;
    list-style: none;
    max-height: 260px;
    overflow-y: auto;
}
li {
    display: grid;
    grid-template-columns: 3.4em 1fr auto;
    align-items: center;
}
</style>
