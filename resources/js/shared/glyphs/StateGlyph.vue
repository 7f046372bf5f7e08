<script setup lang="ts">
import { states, type ItemState } from './states';

/* A wheel seen from the side: turned full, half full, left empty, with a gap, with a bar, with a hand. */
withDefaults(defineProps<{ state: ItemState; size?: number; named?: boolean }>(), { size: 28, named: false });
</script>

<template>
    <svg
        :width="size"
        :height="size"
        viewBox="0 0 28 28"
        fill="none"
        stroke="currentColor"
        stroke-width="3"
        :style="{ color: `var(${states[state].token})` }"
        :role="named ? 'img' : undefined"
        :aria-label="named ? states[state].word : undefined"
        :aria-hidden="named ? undefined : true"
    >
        <template v-if="state === 'whole'">
            <circle cx="14" cy="14" r="11" fill="currentColor" />
            <circle cx="14" cy="14" r="3.4" fill="var(--panel)" stroke="none" />
        </template>
        <template v-else-if="state === 'carried'">
            <circle cx="14" cy="14" r="11" fill="currentColor" />
            <path
                d="M7.5 14h11m-4-4.5 4.5 4.5-4.5 4.5"
                stroke="var(--panel)"
                stroke-linecap="round"
                stroke-linejoin="round"
            />
        </template>
        <template v-else-if="state === 'wrong'">
            <circle cx="14" cy="14" r="11" />
            <path d="M8 11.5h12M8 16.5h12M17 7l-6 14" stroke-width="2.6" stroke-linecap="round" />
        </template>
        <template v-else-if="state === 'over_defect'">
            <circle cx="14" cy="14" r="11" fill="currentColor" />
            <path d="m15 4-4 7 6 4-4 8" stroke="var(--panel)" stroke-linecap="round" stroke-linejoin="round" />
        </template>
        <template v-else-if="state === 'partial'">
            <circle cx="14" cy="14" r="11" />
            <path d="M3 14a11 11 0 0 0 22 0z" fill="currentColor" stroke="none" />
        </template>
        <template v-else-if="state === 'late'">
            <circle cx="14" cy="14" r="11" />
            <path d="M14 7v7l5 4" stroke-linecap="round" stroke-linejoin="round" />
        </template>
        <template v-else-if="state === 'later_added'">
            <circle cx="14" cy="14" r="11" />
            <path d="M3 14a11 11 0 0 0 22 0z" fill="currentColor" stroke="none" />
            <path d="M14 5v7l4-3" stroke-width="2.6" stroke-linecap="round" stroke-linejoin="round" />
        </template>
        <template v-else-if="state === 'not_fitted'">
            <circle cx="14" cy="14" r="11" stroke-dasharray="4 3.2" stroke-width="2.4" />
            <path d="M8.5 14h11" stroke-linecap="round" />
        </template>
        <template v-else-if="state === 'missed'">
            <path d="M18.6 4a11 11 0 1 1-9.2 0" stroke-linecap="round" />
            <path d="m10 10 8 8m0-8-8 8" stroke-linecap="round" />
        </template>
        <circle v-else cx="14" cy="14" r="11" stroke-width="2" />
    </svg>
</template>
