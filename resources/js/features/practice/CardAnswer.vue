<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';
import { computed } from 'vue';

/* What was heard and what was missing, told at once. */
const props = defineProps<{ told: Schemas['RecitedResource'] }>();
const verdict = computed(() =>
    props.told.earned >= 1000
        ? '● Said whole'
        : props.told.earned > 0
          ? '◐ Said in part'
          : '○ That would not count yet',
);
</script>

<template>
    <section class="answer" role="status" data-test="card-answer">
        <h2>{{ verdict }}</h2>
        <p v-if="told.heard.length > 0">Heard: {{ told.heard.join(', ') }}.</p>
        <p v-if="told.missing.length > 0">
            <strong>Not heard: {{ told.missing.join('; ') }}.</strong>
        </p>
        <p v-for="one in told.wrong" :key="one" class="alert">{{ one }}</p>
        <p class="say">“{{ told.say }}”</p>
        <div class="acts"><slot /></div>
        <p class="quiet numeral">{{ told.today }} recited today</p>
    </section>
</template>

<style scoped>
.answer {
    display: grid;
    gap: var(--space-4);
    padding: var(--space-7);
    background: var(--panel);
    border: 2px solid var(--ink);
    border-radius: var(--round-large);
}
.say {
    font-size: var(--size-strong);
}
</style>
