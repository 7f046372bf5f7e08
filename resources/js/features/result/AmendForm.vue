<script setup lang="ts">
import { NButton, NInput, NSelect } from 'naive-ui';
import { v7 } from 'uuid';
import { computed, ref } from 'vue';
import { amend, type Result } from './api';

/* A closed record is changed only with a reason, and the original stays readable. */
const props = defineProps<{ result: Result }>();
const emit = defineEmits<{ amended: [] }>();
const item = ref<string | null>(null);
const change = ref<'heard_whole' | 'points_taken_back' | 'not_fitted'>('heard_whole');
const reason = ref('');
const why = ref('');
let id = v7();

const items = computed(() =>
    props.result.inspection.places.flatMap((place) =>
        place.items.map((one) => ({ value: one.id, label: one.where ? `${one.name}, ${one.where}` : one.name })),
    ),
);
const changes = [
    { value: 'heard_whole', label: 'was said whole' },
    { value: 'points_taken_back', label: 'was not said' },
    { value: 'not_fitted', label: 'is not fitted' },
];

async function keep(): Promise<void> {
    if (item.value === null) return;
    why.value = '';
    const points = change.value === 'points_taken_back' ? { points: ['identified' as const] } : {};
    try {
        await amend(props.result.card.id, {
            id,
            reason: reason.value.trim(),
            marks: [
                { id: v7(), at_ms: props.result.sheet.duration_ms, kind: change.value, item: item.value, ...points },
            ],
        });
        id = v7();
        reason.value = '';
        item.value = null;
        emit('amended');
    } catch (error) {
        why.value = error instanceof Error ? error.message : String(error);
    }
}
</script>

<template>
    <details>
        <summary>Amend this closed record</summary>
        <form @submit.prevent="keep">
            <NSelect
                v-model:value="item"
                :options="items"
                filterable
                placeholder="Which item"
                data-test="amend-item"
                :input-props="{ 'aria-label': 'Item' }"
            />
            <NSelect v-model:value="change" :options="changes" :input-props="{ 'aria-label': 'What happened' }" />
            <NInput
                v-model:value="reason"
                placeholder="Why: it stays with the record"
                maxlength="500"
                :input-props="{ 'aria-label': 'Reason' }"
            />
            <NButton attr-type="submit" type="primary" :disabled="item === null || reason.trim().length < 5"
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
    gap: 10px;
}
</style>
