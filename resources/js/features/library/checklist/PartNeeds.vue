<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { computed } from 'vue';
import type { ChecklistDocument } from '../api';
import { useEditorWords } from '../useEditorWords';

type Part = ChecklistDocument['components'][number];

/* What a vehicle has to have for the part to be asked: one of each line. */
const props = defineProps<{ part: Part }>();
const emit = defineEmits<{ change: [edit: (part: Part) => void] }>();
const words = useEditorWords();

/** Each line with its features; an empty one at the end takes the next. */
const lines = computed(() => [...(props.part.needs ?? []).map((anyOf) => anyOf.split('|')), []]);

function set(at: number, features: string[]): void {
    emit('change', (part) => {
        const needs = lines.value.map((line, n) => (n === at ? features : line));
        const left = needs.filter((line) => line.length > 0).map((line) => line.join('|'));
        if (left.length === 0) delete part.needs;
        else part.needs = left as NonNullable<Part['needs']>;
    });
}
</script>

<template>
    <div class="needs">
        <NamedSelect
            v-for="(line, at) in lines"
            :key="at"
            multiple
            filterable
            :value="line"
            :options="words.features"
            :placeholder="at === 0 ? 'every vehicle' : 'and also with'"
            :input-props="{ 'aria-label': `${part.name}: only with, line ${at + 1}` }"
            @update:value="(features: string[]) => set(at, features)"
        />
        <p v-if="lines.length > 1" class="quiet">A vehicle needs one of each line.</p>
    </div>
</template>

<style scoped>
.needs {
    display: grid;
    gap: var(--space-2);
}
p {
    margin: 0;
}
</style>
