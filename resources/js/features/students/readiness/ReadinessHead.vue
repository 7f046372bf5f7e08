<script setup lang="ts">
import { computed } from 'vue';
import type { Readiness } from '@/shared/progress/api';
import { percentOf, question } from '@/shared/progress/chances';

/* Is this student ready? The figure never stands without its doubt and its reason. */
const props = defineProps<{ readiness: Readiness }>();
const at = (share: number | null): string => `${100 * (share ?? 0)}%`;
const doubtful = computed(() => props.readiness.marks.filter(({ chance }) => chance < 0.98));
</script>

<template>
    <section data-test="readiness">
        <h2 class="ask">{{ question(readiness) }}</h2>
        <p v-if="readiness.unknown">{{ readiness.unknown }}</p>
        <template v-else>
            <div class="scale" aria-hidden="true">
                <span
                    class="doubt"
                    :style="{ left: at(readiness.low), right: `${100 - 100 * (readiness.high ?? 0)}%` }"
                />
                <span class="point" :style="{ left: at(readiness.chance) }" />
                <span class="end">0</span><span class="end">would pass in … of 100</span><span class="end">100</span>
            </div>
            <p>{{ readiness.limits }}</p>
            <p class="quiet">
                {{ readiness.checklist }}, {{ readiness.vehicle }}. The bar holds what the chance may be in four of five
                cases; the pass marks are this checklist's. The examiner decides.
            </p>
            <details v-if="doubtful.length > 0 || readiness.by_form.length > 0">
                <summary>Mark by mark{{ readiness.by_form.length > 0 ? ' and form by form' : '' }}</summary>
                <ul>
                    <li v-for="one in readiness.by_form" :key="one.of">
                        {{ one.of }}: <span class="numeral">{{ percentOf(one.chance) }}</span> to pass
                    </li>
                    <li v-for="one in doubtful" :key="one.of">
                        {{ one.of }}: <span class="numeral">{{ percentOf(one.chance) }}</span> to be met
                    </li>
                </ul>
            </details>
        </template>
    </section>
</template>

<style scoped>
.ask {
    font-size: clamp(1.5rem, 1.1rem + 1.6vw, 2.2rem);
}
.scale {
    position: relative;
    display: flex;
    justify-content: space-between;
    padding-top: 34px;
    max-width: 720px;
    color: var(--quiet);
    font-size: var(--size-small);
}
.scale::before {
    content: '';
    position: absolute;
    inset: 14px 0 auto;
    height: 6px;
    background: var(--line);
}
.doubt,
.point {
    position: absolute;
}
.doubt {
    top: 9px;
    height: 16px;
    min-width: 4px;
    background: var(--quiet);
    opacity: 0.55;
}
.point {
    top: 2px;
    width: 6px;
    height: 30px;
    margin-left: -3px;
    background: var(--ink);
}
</style>
