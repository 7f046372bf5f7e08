<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';

defineProps<{ items: Schemas['MissedItemResource'][] }>();
</script>

<template>
    <p v-if="items.length === 0" class="quiet">Nothing was missed more than once.</p>
    <ol v-else>
        <li v-for="item in items" :key="item.item">
            <span>{{ item.name }}</span>
            <span class="numeral">{{ item.missed }} of {{ item.asked }}</span>
            <span class="bar" :style="{ width: `${(100 * item.missed) / item.asked}%` }" />
        </li>
    </ol>
</template>

<style scoped>
ol {
    list-style: none;
    margin: 0;
    padding: 0;
}
li {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: var(--space-1) var(--space-6);
    padding: var(--space-3) 0;
}
.bar {
    grid-column: 1 / -1;
    height: 6px;
    background: var(--lost);
    border-radius: var(--round-small);
}
</style>
