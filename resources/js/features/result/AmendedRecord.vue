<script setup lang="ts">
import { percent } from '@/shared/format';
import { standings } from '@/shared/standing';
import type { Result } from './api';

/* What was changed since the record was closed, and how it stood then. */
defineProps<{ result: Result }>();
const time = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
</script>

<template>
    <section class="amended">
        <h2>Amended since it was closed</h2>
        <p v-if="result.original">
            As closed: {{ standings[result.original.standing].word }}, {{ percent(result.original.permille) }},
            {{ result.original.whole }} of {{ result.original.asked }} items heard whole. Above is how it stands now.
        </p>
        <p v-for="amendment in result.amendments" :key="amendment.id">
            {{ time.format(new Date(amendment.made_at)) }}, {{ amendment.by }}: “{{ amendment.reason }}”
        </p>
    </section>
</template>

<style scoped>
.amended {
    display: grid;
    gap: 6px;
    border-left: 8px solid var(--late);
    padding-left: 16px;
}
</style>
