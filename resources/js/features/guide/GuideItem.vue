<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';
import type { Mastery } from '@/shared/progress/api';
import { computed } from 'vue';

type Item = Schemas['ItemResource'];
const props = defineProps<{ item: Item; mastery?: Mastery | undefined; mistake?: string | undefined }>();
const isWeak = computed(() => props.mastery?.known === false);
const said = (points: Item['essential']): string => points.map(({ say }) => say).join('; ');
const figures = computed(() => props.item.figures.map((one) => `${one.said} (${one.source})`).join('; '));
</script>

<template>
    <li :class="{ weak: isWeak }">
        <strong
            >{{ item.name }}<template v-if="item.where">, {{ item.where }}</template></strong
        >
        <p>
            {{ said(item.essential)
            }}<span v-if="item.further.length > 0" class="quiet">; {{ said(item.further) }}</span>
        </p>
        <p v-if="figures" class="quiet">{{ figures }}</p>
        <p v-if="mistake" class="quiet">Usual mistake: {{ mistake }}.</p>
        <p v-if="isWeak" class="quiet">You would miss this more than once in five walks.</p>
    </li>
</template>

<style scoped>
li {
    padding: var(--space-3) 0 var(--space-3) var(--space-5);
    border-bottom: 1px solid var(--line);
    border-left: 8px solid transparent;
    break-inside: avoid;
}
.weak {
    border-left-color: var(--ink);
}
</style>
