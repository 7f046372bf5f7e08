<script setup lang="ts">
import { computed } from 'vue';
import type { Asked } from './api';

type Item = Asked['inspection']['places'][number]['items'][number];

/* One item: what has to be said of it, essential points first, and its figures. */
const props = defineProps<{ item: Item }>();
const figures = computed(() => props.item.figures.map(({ said, source }) => `${said} (${source})`).join('; '));
</script>

<template>
    <li>
        <strong>{{ item.name }}</strong>
        <span class="say">
            <span v-for="point in item.essential" :key="point.code">{{ point.say }}</span><span
                v-for="point in item.further"
                :key="point.code"
                class="quiet"
                >{{ point.say }}</span
            >
        </span>
        <small v-if="figures" class="quiet">{{ figures }}</small>
        <small v-if="item.parts.length > 0" class="quiet">stands for {{ item.parts.join(', ') }}</small>
        <small v-if="!item.fitted" class="quiet">is not on this vehicle: has to be said so</small>
        <small v-if="item.bonus" class="quiet">extra credit</small>
        <small v-if="item.defect" class="defect">known defect: {{ item.defect }}</small>
    </li>
</template>

<style scoped>
li {
    display: grid;
    grid-template-columns: minmax(160px, 260px) 1fr;
    gap: var(--space-1) var(--space-5);
    padding: var(--space-3) 0;
    border-bottom: 1px solid var(--line);
}
.say span:not(:last-child)::after {
    content: '; ';
}
small {
    grid-column: 2;
}
.defect {
    color: var(--lost);
}
@media (max-width: 600px) {
    li {
        grid-template-columns: 1fr;
    }
    small {
        grid-column: 1;
    }
}
</style>
