<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { computed } from 'vue';
import type { ListedPart } from '../api';
import { useEditorWords } from '../useEditorWords';

/* One line of a list, and the part that it is taken for. */
const props = defineProps<{ part: ListedPart; busy: boolean }>();
defineEmits<{ choose: [choice: string] }>();
const words = useEditorWords();

const options = computed(() => {
    const likely = new Set(props.part.candidates.map(({ value }) => value));
    return [
        ...props.part.candidates.map(({ value, label }) => ({ value, label })),
        { value: 'new', label: 'A new part of this name' },
        { value: 'skip', label: 'Leave this line out' },
        ...words.parts.filter(({ id }) => !likely.has(id)).map(({ id, name }) => ({ value: id, label: name })),
    ];
});
const points = computed(() => props.part.points.map((code) => words.point(code)).join(', '));
</script>

<template>
    <li :data-line="part.line">
        <span class="numeral quiet">{{ part.line }}</span>
        <span
            ><strong>{{ part.text }}</strong> <small class="quiet">{{ part.section }}</small><small
                v-if="points"
                class="quiet points"
                >{{ points }}</small
            ></span
        >
        <NamedSelect
            filterable
            :value="part.choice"
            :options="options"
            :disabled="busy"
            :input-props="{ 'aria-label': `Line ${part.line}, ${part.text}, is` }"
            @update:value="(value: string) => $emit('choose', value)"
        />
    </li>
</template>

<style scoped>
li {
    display: grid;
    grid-template-columns: 3ch minmax(0, 1fr) minmax(0, 1fr);
    gap: var(--space-5);
    align-items: center;
    min-height: 52px;
    border-bottom: 1px solid var(--line);
}
small {
    margin-left: var(--space-3);
}
.points {
    display: block;
    margin: 0;
}
@media (max-width: 600px) {
    li {
        grid-template-columns: 3ch minmax(0, 1fr);
        padding: var(--space-3) 0;
    }
    li > :last-child {
        grid-column: 2;
    }
}
</style>
