<script setup lang="ts">
import { namesIn } from '@/shared/attempt/namesIn';
import { computed } from 'vue';
import type { Result } from './api';

/* What is wrong with the vehicle, as far as this walk tells: it has to be seen to, whoever passed. */
const props = defineProps<{ result: Result }>();
const defects = computed(() => {
    const names = namesIn(props.result.inspection.places);
    return props.result.sheet.outcomes
        .filter(({ defect, noticed }) => defect !== null || noticed !== null)
        .map(({ item, defect, noticed }) => ({ item, name: names.get(item) ?? item, defect, noticed }));
});
</script>

<template>
    <section v-if="defects.length > 0">
        <h2>Defects of the vehicle</h2>
        <ul>
            <li v-for="one in defects" :key="one.item">
                <strong>{{ one.name }}</strong>: {{ one.defect ?? one.noticed }}
                <span class="quiet">{{
                    one.noticed === null ? 'not noticed by the student' : `noticed: ${one.noticed}`
                }}</span>
            </li>
        </ul>
        <slot :defects="defects" />
    </section>
</template>

<style scoped>
section {
    display: grid;
    gap: var(--space-4);
}
ul {
    margin: 0;
    padding-left: var(--space-7);
}
li span {
    display: block;
}
</style>
