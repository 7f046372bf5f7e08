<script setup lang="ts">
import { computed } from 'vue';
import type { Readiness } from '@/shared/progress/api';

/* What was known and is being forgotten: not said for long, and what the same part does elsewhere. */
const props = defineProps<{ readiness: Readiness }>();
const LONG_DAYS = 10;
const MOST = 8;
const unsaid = computed(() =>
    props.readiness.items
        .filter(({ days_since_said: days }) => days !== null && days >= LONG_DAYS)
        .sort((a, b) => (b.days_since_said ?? 0) - (a.days_since_said ?? 0) || a.chance - b.chance)
        .slice(0, MOST),
);
const never = computed(() => props.readiness.items.filter(({ days_since_said: days }) => days === null));
</script>

<template>
    <section v-if="readiness.items.length > 0">
        <h2>
            What is being forgotten?
            {{
                unsaid[0]
                    ? `${unsaid[0].name}, not said whole for ${unsaid[0].days_since_said} days`
                    : 'Nothing that was known'
            }}
        </h2>
        <ul v-if="unsaid.length > 0" class="figure-list">
            <li v-for="item in unsaid" :key="item.item">
                <span>{{ item.name }}</span><span class="numeral">{{ item.days_since_said }} days</span>
            </li>
        </ul>
        <p v-if="never.length > 0">
            Never said whole yet:
            {{
                never
                    .slice(0, MOST)
                    .map(({ name }) => name)
                    .join('; ')
            }}{{ never.length > MOST ? `; and ${never.length - MOST} more` : '' }}.
        </p>
        <template v-if="readiness.confusions.length > 0">
            <h3>What is mixed up?</h3>
            <ul class="figure-list">
                <li v-for="one in readiness.confusions" :key="one">{{ one }}</li>
            </ul>
        </template>
    </section>
</template>
