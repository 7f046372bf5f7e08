<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';
import { day } from '@/shared/format';

/* Practices in the Air cab, the newest first. */
defineProps<{ practices: Schemas['BrakePracticeResource'][] }>();
const marks = { passed: '✓', failed: '✕', open: '…' };
const helps = { guided: 'guided', alone: 'alone', exam: 'as in the exam' };
</script>

<template>
    <ul class="practices" data-test="practices">
        <li v-for="(one, n) in practices" :key="`${one.at} ${n}`" :class="one.standing">
            <span class="mark" aria-hidden="true">{{ marks[one.standing] }}</span>
            <span>
                <strong>{{
                    one.cause ?? (one.standing === 'passed' ? 'every step met' : 'not all steps done')
                }}</strong>
                <span v-if="one.fault !== null" class="found">{{
                    one.found === true
                        ? `found: ${one.fault}`
                        : one.found === false
                          ? `not found: ${one.fault}`
                          : `on a truck of which it was known that ${one.fault}`
                }}</span>
                <span class="quiet"
                    >{{ day(one.at) }}{{ one.drill === null ? '' : `, ${one.drill.toLowerCase()}` }},
                    {{ helps[one.help] }}, {{ one.vehicle }}, {{ one.checklist }}</span
                >
            </span>
        </li>
    </ul>
</template>

<style scoped>
.practices {
    list-style: none;
    margin: 0;
    padding: 0;
}
li {
    display: grid;
    grid-template-columns: 30px 1fr;
    padding: var(--space-3) 0;
    border-bottom: 1px solid var(--line);
}
.mark {
    font-weight: 800;
}
.failed .mark {
    color: var(--lost);
}
li strong,
li .found,
li .quiet {
    display: block;
}
</style>
