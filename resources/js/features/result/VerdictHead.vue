<script setup lang="ts">
import { percent } from '@/shared/format';
import { standings } from '@/shared/standing';
import { computed } from 'vue';
import type { Result } from './api';

const props = defineProps<{ result: Result }>();
const standing = computed(() => standings[props.result.sheet.standing]);
/** As many as are read at a glance; the rest is one tap away. */
const SHOWN = 3;
const unmet = computed(() => props.result.sheet.checks.filter(({ met }) => !met));
const met = computed(() => props.result.sheet.checks.filter(({ met }) => met));
const hasLights = computed(() => props.result.inspection.places.some(({ items }) => items.some(({ light }) => light)));
</script>

<template>
    <header class="verdict" :style="{ '--tone': `var(${standing.token})` }">
        <div class="share numeral">{{ percent(result.sheet.permille) }}</div>
        <div class="why">
            <h1>{{ standing.word }}</h1>
            <p v-for="check in unmet.slice(0, SHOWN)" :key="check.said">
                {{ check.said }} <strong>{{ check.enough }}</strong>
            </p>
            <details v-if="unmet.length > SHOWN">
                <summary>and {{ unmet.length - SHOWN }} more rules that were not met</summary>
                <p v-for="check in unmet.slice(SHOWN)" :key="check.said">
                    {{ check.said }} <strong>{{ check.enough }}</strong>
                </p>
            </details>
            <template v-if="unmet.length === 0"
                ><p v-for="check in met.slice(0, 1)" :key="check.said">{{ check.said }}</p></template
            >
            <p v-for="breach in result.sheet.breaches" :key="breach" class="quiet">
                {{ breach }} By this checklist it costs nothing.
            </p>
            <p v-for="notice in result.sheet.notices" :key="notice" class="quiet">{{ notice }}</p>
            <p v-if="result.sheet.outcomes.some(({ forfeited }) => forfeited)">
                A fault of the brake tests costs their section: nothing of it is earned.
            </p>
            <p class="quiet">
                {{ result.sheet.whole }} of {{ result.sheet.asked }} items complete.{{
                    hasLights ? ' The light check is one of them, whole when all of its lights are.' : ''
                }}
            </p>
        </div>
    </header>
</template>

<style scoped>
.verdict {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-6) var(--space-9);
    align-items: center;
    padding: var(--space-7) 0;
    border-top: 6px solid var(--tone);
    border-bottom: 2px solid var(--line);
}
.share {
    font-size: clamp(3.4rem, 9vw, 6rem);
    line-height: 0.9;
    color: var(--tone);
}
summary {
    min-height: 48px;
    display: flex;
    align-items: center;
    cursor: pointer;
    text-decoration: underline;
}
.why {
    display: grid;
    gap: var(--space-1);
    flex: 1 1 340px;
}
</style>
