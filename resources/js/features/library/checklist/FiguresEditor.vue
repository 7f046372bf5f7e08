<script setup lang="ts">
import { NInput, NInputNumber } from 'naive-ui';
import type { ChecklistDocument } from '../api';
import { useEditorWords } from '../useEditorWords';

type Figure = NonNullable<ChecklistDocument['figures']>[number];
type Ends = 'low' | 'high' | 'accepted_low' | 'accepted_high';

/* Limits, what is accepted when a student says it, and where each comes from. */
defineProps<{ document: ChecklistDocument }>();
const words = useEditorWords();
const emit = defineEmits<{ change: [edit: (document: ChecklistDocument) => void] }>();
const ends: { key: Ends; label: string }[] = [
    { key: 'low', label: 'at least' },
    { key: 'high', label: 'at most' },
    { key: 'accepted_low', label: 'accepted from' },
    { key: 'accepted_high', label: 'accepted to' },
];

function edit(id: string, change: (figure: Figure) => void): void {
    emit('change', (document) => {
        const figure = document.figures?.find((one) => one.id === id);
        if (figure !== undefined) change(figure);
    });
}

const set = (id: string, key: Ends, value: number | null): void =>
    edit(id, (figure) => {
        if (value === null) Reflect.deleteProperty(figure, key);
        else figure[key] = value;
    });
</script>

<template>
    <div class="figures">
        <p class="quiet">
            A student who says a figure from “accepted from” to “accepted to” is right. Without them the limit itself
            has to be said. The state's current manual comes first; a vehicle may set its own.
        </p>
        <section v-for="figure in document.figures ?? []" :key="figure.id">
            <h3>
                {{ words.point(figure.point) }}
                <span class="quiet">{{
                    [...(figure.components ?? []), ...(figure.axles ?? []).map((axle) => `${axle} axle`)].join(', ')
                }}</span>
            </h3>
            <div class="ends">
                <label v-for="end in ends" :key="end.key">
                    <span>{{ end.label }}</span>
                    <NInputNumber
                        :show-button="false"
                        :value="figure[end.key] ?? null"
                        clearable
                        placeholder="none"
                        :input-props="{ 'aria-label': `${figure.id} ${end.label}` }"
                        @update:value="(value) => set(figure.id, end.key, value)"
                    >
                        <template #suffix>{{ figure.unit }}</template>
                    </NInputNumber>
                </label>
            </div>
            <NInput
                :value="figure.source"
                :input-props="{ 'aria-label': `${figure.id} source` }"
                @update:value="(value) => edit(figure.id, (one) => (one.source = value))"
            />
            <NInput
                :value="figure.note ?? ''"
                placeholder="Note"
                :input-props="{ 'aria-label': `${figure.id} note` }"
                @update:value="
                    (value) =>
                        edit(figure.id, (one) => {
                            if (value.trim() === '') delete one.note;
                            else one.note = value;
                        })
                "
            />
        </section>
    </div>
</template>

<style scoped>
.figures {
    display: grid;
    gap: var(--space-7);
}
section {
    display: grid;
    gap: var(--space-3);
    padding-bottom: var(--space-6);
    border-bottom: 1px solid var(--line);
}
h3 {
    font-size: var(--size-strong);
}
h3 span {
    font: 400 var(--size-quiet) var(--text-face);
}
.ends {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
    gap: var(--space-3) var(--space-5);
}
.ends span {
    font-size: var(--size-small);
}
</style>
