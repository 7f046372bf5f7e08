<script setup lang="ts">
import { dayAndTime, percent } from '@/shared/format';
import { states } from '@/shared/glyphs/states';
import { standings } from '@/shared/standing';
import type { Result } from './api';

/* What was changed since the record was closed, item by item, and how it stood then. */
defineProps<{ result: Result }>();

const told = (state: keyof typeof states, missing: string[]): string =>
    state === 'partial' ? `${states[state].word}, without ${missing.join(', ')}` : states[state].word;
</script>

<template>
    <section class="amended">
        <h2>Amended since it was closed</h2>
        <p v-if="result.original">
            When closed: {{ standings[result.original.standing].word }}, {{ percent(result.original.permille) }},
            {{ result.original.whole }} of {{ result.original.asked }} items complete. Above is how it stands now.
        </p>
        <div v-for="amendment in result.amendments" :key="amendment.id">
            <p>{{ dayAndTime(amendment.made_at) }}, {{ amendment.by }}: “{{ amendment.reason }}”</p>
            <ul v-if="amendment.items.length > 0">
                <li v-for="item in amendment.items" :key="item.item" data-test="amended-item">
                    {{ item.name }}: was {{ told(item.was, item.was_missing) }}, now
                    {{ told(item.now, item.now_missing) }}
                </li>
            </ul>
            <p v-else class="quiet">No item changed.</p>
        </div>
    </section>
</template>

<style scoped>
.amended {
    display: grid;
    gap: var(--space-2);
    border-left: 8px solid var(--late);
    padding-left: var(--space-6);
}
ul {
    margin: 0;
}
</style>
