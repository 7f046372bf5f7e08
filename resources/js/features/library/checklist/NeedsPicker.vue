<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { computed } from 'vue';
import { useEditorWords } from '../useEditorWords';

/* What a vehicle or an axle has to have for something to be asked: one of each line. */
const props = defineProps<{ needs: string[]; label: string; none: string }>();
const emit = defineEmits<{ change: [needs: string[]] }>();
const words = useEditorWords();

/** Each line with its features; an empty one at the end takes the next. */
const lines = computed(() => [...props.needs.map((anyOf) => anyOf.split('|')), []]);

function set(at: number, features: string[]): void {
    const needs = lines.value.map((line, n) => (n === at ? features : line));
    emit(
        'change',
        needs.filter((line) => line.length > 0).map((line) => line.join('|')),
    );
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
            :placeholder="at === 0 ? none : 'and also with'"
            :input-props="{ 'aria-label': `${label}: only with, line ${at + 1}` }"
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
