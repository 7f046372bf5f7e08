<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import type { ChecklistDocument } from '../api';
import { useEditorWords } from '../useEditorWords';
import { freeId } from './documentEdits';
import FigureForm from './FigureForm.vue';

type Figure = NonNullable<ChecklistDocument['figures']>[number];

/* Limits, what is accepted when a student says it, and where each comes from. */
const props = defineProps<{ document: ChecklistDocument }>();
const emit = defineEmits<{ change: [edit: (document: ChecklistDocument) => void] }>();
const words = useEditorWords();
const units: Figure['unit'][] = ['1/32 in', 'in', 'psi', 's', 'deg', 'V', 'deg F', '%', 'count', 'B:C'];
const point = ref<Figure['point'] | null>(null);
const unit = ref<Figure['unit'] | null>(null);

/** Points that this checklist asks of some part. */
const points = computed(() => {
    const asked = new Set<string>(
        props.document.components.flatMap(({ essential, further }) => [...(essential ?? []), ...(further ?? [])]),
    );
    return words.points.filter(({ value }) => asked.has(value));
});

function edit(id: string, change: (figure: Figure) => void): void {
    emit('change', (document) => {
        const figure = document.figures?.find((one) => one.id === id);
        if (figure !== undefined) change(figure);
    });
}
function drop(id: string): void {
    emit('change', (document) => {
        document.figures = (document.figures ?? []).filter((one) => one.id !== id);
    });
}
function add(): void {
    const [of, as] = [point.value, unit.value];
    if (of === null || as === null) return;
    emit('change', (document) => {
        document.figures ??= [];
        const id = freeId(
            of,
            document.figures.map((one) => one.id),
        );
        document.figures.unshift({ id, point: of, unit: as, low: 1, source: "The state's current manual" });
    });
    [point.value, unit.value] = [null, null];
}
</script>

<template>
    <div class="figures">
        <p class="quiet">
            A student who says a figure from “accepted from” to “accepted to” is right. Without them the limit itself
            has to be said. The state's current manual comes first; a vehicle may set its own.
        </p>
        <div class="add">
            <NamedSelect
                v-model:value="point"
                filterable
                :options="points"
                placeholder="A figure of this point"
                :input-props="{ 'aria-label': 'Point of the new figure' }"
            />
            <NamedSelect
                v-model:value="unit"
                :options="units.map((one) => ({ value: one, label: one }))"
                placeholder="in"
                :input-props="{ 'aria-label': 'Unit of the new figure' }"
            />
            <NButton data-test="add-figure" :disabled="point === null || unit === null" @click="add"
                >Add figure</NButton
            >
        </div>
        <FigureForm
            v-for="figure in document.figures ?? []"
            :key="figure.id"
            :figure="figure"
            :document="document"
            @change="(change) => edit(figure.id, change)"
            @drop="drop(figure.id)"
        />
    </div>
</template>

<style scoped>
.figures {
    display: grid;
    gap: var(--space-7);
}
.add {
    display: grid;
    grid-template-columns: minmax(160px, 320px) 130px auto;
    gap: var(--space-4);
    align-items: center;
    justify-content: start;
}
@media (max-width: 600px) {
    .add {
        grid-template-columns: 1fr;
    }
}
</style>
