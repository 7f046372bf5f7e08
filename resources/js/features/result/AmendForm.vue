<script setup lang="ts">
import { wordsOf } from '@/shared/wordsOf';
import { NamedSelect } from '@/shared/NamedSelect';
import { NButton, NInput, NInputNumber } from 'naive-ui';
import { v7 } from 'uuid';
import { computed, ref, watch } from 'vue';
import {
    amendMarks,
    changesOf,
    isComplete,
    nothingAmended,
    takesLate,
    takesPoints,
    takesText,
    type Amended,
} from './amendMarks';
import { amend, type Result } from './api';

/* A closed record is changed only with a reason, and the original stays readable. */
const props = defineProps<{ result: Result }>();
const emit = defineEmits<{ amended: [] }>();
const chosen = ref<string | null>(null);
const amended = ref<Amended>(nothingAmended());
const reason = ref('');
const why = ref('');
let id = v7();
let mark = v7();

const all = computed(() => props.result.inspection.places.flatMap(({ items }) => items));
const items = computed(() =>
    all.value.map((one) => ({ value: one.id, label: one.where ? `${one.name}, ${one.where}` : one.name })),
);
const item = computed(() => all.value.find((one) => one.id === chosen.value));
const points = computed(() => {
    const figures = new Set(item.value?.figures.map(({ point }) => point));
    return [...(item.value?.essential ?? []), ...(item.value?.further ?? [])].filter(
        ({ code }) => amended.value.change !== 'figure' || figures.has(code),
    );
});
watch([chosen, () => amended.value.change], () => (amended.value.points = []));

function turn(code: Amended['points'][number]): void {
    const { change, points: now } = amended.value;
    if (change === 'figure') amended.value.points = [code];
    else amended.value.points = now.includes(code) ? now.filter((one) => one !== code) : [...now, code];
}

async function keep(): Promise<void> {
    if (item.value === undefined) return;
    why.value = '';
    try {
        await amend(props.result.card.id, {
            id,
            reason: reason.value.trim(),
            marks: amendMarks(item.value, amended.value, mark, props.result.sheet.duration_ms),
        });
        [id, mark] = [v7(), v7()];
        reason.value = '';
        chosen.value = null;
        amended.value = nothingAmended();
        emit('amended');
    } catch (error) {
        why.value = wordsOf(error);
    }
}
</script>

<template>
    <details>
        <summary>Amend this closed record</summary>
        <form @submit.prevent="keep">
            <NamedSelect
                v-model:value="chosen"
                :options="items"
                filterable
                placeholder="Which item"
                data-test="amend-item"
                :input-props="{ 'aria-label': 'Item' }"
            />
            <NamedSelect
                v-if="item"
                v-model:value="amended.change"
                :options="changesOf(item)"
                data-test="amend-change"
                :input-props="{ 'aria-label': 'What happened' }"
            />
            <fieldset v-if="item && (takesPoints(amended) || amended.change === 'figure')">
                <legend>Which points</legend>
                <label v-for="point in points" :key="point.code" class="point">
                    <input
                        type="checkbox"
                        :checked="amended.points.includes(point.code as Amended['points'][number])"
                        :data-amend-point="point.code"
                        @change="turn(point.code as Amended['points'][number])"
                    />
                    {{ point.label }}
                </label>
            </fieldset>
            <NInputNumber
                v-if="amended.change === 'figure'"
                v-model:value="amended.value"
                placeholder="The figure as it was said"
                :input-props="{ 'aria-label': 'Figure' }"
            />
            <NInput
                v-if="takesText(amended)"
                v-model:value="amended.text"
                :placeholder="amended.change === 'defect' ? 'What was noticed' : 'What was said or done instead'"
                maxlength="500"
                :input-props="{ 'aria-label': 'In words' }"
            />
            <label v-if="item && takesLate(amended)" class="point">
                <input v-model="amended.late" type="checkbox" data-test="amend-late" />
                Said too late, after its place had been left
            </label>
            <NInput
                v-model:value="reason"
                placeholder="Why: it stays with the record"
                maxlength="500"
                :input-props="{ 'aria-label': 'Reason' }"
            />
            <NButton
                attr-type="submit"
                type="primary"
                :disabled="item === undefined || !isComplete(amended) || reason.trim().length < 5"
                >Amend</NButton
            >
        </form>
        <p v-if="why" role="alert">{{ why }}</p>
    </details>
</template>

<style scoped>
summary {
    cursor: pointer;
    min-height: 48px;
    font-weight: 600;
}
form {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 220px), 1fr));
    gap: var(--space-4);
    align-items: start;
}
fieldset {
    border: 2px solid var(--line);
    border-radius: var(--round-middle);
    grid-column: 1 / -1;
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1) var(--space-7);
}
.point {
    display: flex;
    align-items: center;
    gap: var(--space-3);
    min-height: 48px;
}
input[type='checkbox'] {
    width: 22px;
    height: 22px;
    accent-color: var(--strong);
}
</style>
