<script setup lang="ts">
import { percent } from '@/shared/format';
import type { Result } from './api';

/* What to say first: few things, each with its words and what it would have brought. */
defineProps<{ result: Result }>();
</script>

<template>
    <p v-if="result.first.length === 0">Nothing: every item was complete.</p>
    <ol v-else>
        <li v-for="one in result.first" :key="one.name">
            <p>
                <strong>{{ one.name }}</strong>
                <span class="quiet numeral"> +{{ percent(one.permille) }}</span>
            </p>
            <p v-if="one.defect" class="defect">Said to be OK; in fact: {{ one.defect }}.</p>
            <p v-if="one.say" class="say">“{{ one.say }}”</p>
            <p v-else class="quiet">Named is enough: touch it or point at it, and name it.</p>
        </li>
    </ol>
</template>

<style scoped>
ol {
    margin: 0;
    padding-left: var(--space-8);
    display: grid;
    gap: var(--space-5);
}
li::marker {
    font: 700 var(--size-title) var(--display-face);
}
.say {
    max-width: 75ch;
}
.defect {
    color: var(--lost);
    font-weight: 600;
}
</style>
