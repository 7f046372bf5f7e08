<script setup lang="ts">
import { NInputNumber } from 'naive-ui';
import type { ChecklistDocument } from '../api';
import { writeRule } from './ruleQuestions';

/* Marks of single sections; what is left empty is as for the others. */
defineProps<{ document: ChecklistDocument }>();
const emit = defineEmits<{ change: [edit: (document: ChecklistDocument) => void] }>();
const marks = [
    { key: 'percent' as const, label: 'Share needed', unit: '%', low: 1, high: 100 },
    { key: 'misses_allowed' as const, label: 'Misses allowed', unit: 'items', low: 0, high: 1000 },
];

function set(section: string, key: 'percent' | 'misses_allowed', value: number | null): void {
    emit('change', (document) => {
        const all = { ...(document.rules.pass.sections ?? {}) };
        const mark = { ...(all[section] ?? {}) };
        if (value === null) Reflect.deleteProperty(mark, key);
        else mark[key] = Math.round(value);
        all[section] = mark;
        if (Object.keys(mark).length === 0) Reflect.deleteProperty(all, section);
        writeRule(document, ['pass', 'sections'], Object.keys(all).length === 0 ? undefined : all);
    });
}
</script>

<template>
    <details :open="document.rules.pass.sections !== undefined">
        <summary>Marks of single sections</summary>
        <div class="marks">
            <div class="mark heads quiet" aria-hidden="true">
                <span>Section</span><span v-for="{ label } in marks" :key="label">{{ label }}</span>
            </div>
            <div v-for="section in document.sections" :key="section.id" class="mark">
                <strong>{{ section.name }}</strong>
                <NInputNumber
                    v-for="{ key, label, unit, low, high } in marks"
                    :key="key"
                    :show-button="false"
                    clearable
                    placeholder="as the others"
                    :min="low"
                    :max="high"
                    :value="document.rules.pass.sections?.[section.id]?.[key] ?? null"
                    :input-props="{ 'aria-label': `${section.name}: ${label}` }"
                    @update:value="(value) => set(section.id, key, value)"
                    ><template #suffix>{{ unit }}</template></NInputNumber
                >
            </div>
        </div>
    </details>
</template>

<style scoped>
summary {
    cursor: pointer;
    font-weight: 700;
    padding: var(--space-3) 0;
}
.marks {
    display: grid;
    gap: var(--space-3);
}
.mark {
    display: grid;
    grid-template-columns: minmax(140px, 1fr) repeat(2, minmax(120px, 180px));
    gap: var(--space-4);
    align-items: center;
}
.heads {
    font-weight: 600;
}
@media (max-width: 560px) {
    .heads {
        display: none;
    }
    .mark {
        grid-template-columns: 1fr 1fr;
    }
    .mark strong {
        grid-column: 1 / -1;
    }
}
</style>
