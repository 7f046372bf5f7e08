<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';
import type { Mastery } from '@/shared/progress/api';
import { KNOWN } from '@/shared/progress/chances';
import { computed } from 'vue';

type Item = Schemas['ItemResource'];
const props = defineProps<{ item: Item; mastery?: Mastery | undefined; others: Item[] }>();
const isWeak = computed(() => props.mastery !== undefined && props.mastery.chance < KNOWN);
const said = (points: Item['essential']): string => points.map(({ say }) => say).join('; ');
const figures = computed(() => props.item.figures.map((one) => `${one.said} (${one.source})`).join('; '));
/** The same part elsewhere has another figure, which is what is mixed up most. */
const mixedUp = computed(() => {
    const own = props.item.figures[0];
    const other = props.others.find(({ figures: theirs }) => own && theirs[0] && theirs[0].said !== own.said);
    return other?.figures[0] === undefined ? '' : `not "${other.figures[0].said}", which is for the ${other.where}`;
});
const oneSided = computed(() => props.item.figures.some(({ one_sided: is }) => is));
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
        <p v-if="mixedUp" class="quiet">Usual mistake: {{ mixedUp }}.</p>
        <p v-else-if="oneSided" class="quiet">Usual mistake: the limit said the wrong way around.</p>
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
