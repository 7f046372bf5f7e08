<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import TextField from '@/shared/TextField.vue';
import { percent } from '@/shared/format';
import HandOver from '@/shared/right/HandOver.vue';
import { listChoices, setRight, voidAttempt, type Change } from '@/shared/right/api';
import { standings } from '@/shared/standing';
import { useDoing } from '@/shared/useDoing';
import { useLoad } from '@/shared/useLoad';
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import type { Result } from './api';

/* The manager sets a record right that was begun with the wrong student, scorer or vehicle, or counts for nothing. */
const props = defineProps<{ result: Result }>();
const emit = defineEmits<{ changed: [] }>();
const { loaded } = useLoad(listChoices);
const { busy, why, doing } = useDoing();
const student = ref<number | null>(null);
const vehicle = ref<number | null>(null);
const change = ref<Change>();
const reason = ref('');
const card = computed(() => props.result.card);
const asOptions = (all: { id: number; name: string }[] | undefined, but: number): { value: number; label: string }[] =>
    (all ?? []).filter(({ id }) => id !== but).map(({ id, name }) => ({ value: id, label: name }));
const choices = computed(() => (loaded.value.state === 'ready' ? loaded.value.data : undefined));

const move = (keep: boolean): Promise<boolean> =>
    doing(async () => {
        change.value = await setRight(card.value.id, {
            ...(student.value !== null && { student_id: student.value }),
            ...(vehicle.value !== null && { vehicle_id: vehicle.value }),
            keep,
        });
        if (!keep) return;
        student.value = vehicle.value = null;
        change.value = undefined;
        emit('changed');
    });
const setVoid = (why: string | null): Promise<boolean> =>
    doing(async () => {
        await voidAttempt(card.value.id, why);
        reason.value = '';
        emit('changed');
    });
</script>

<template>
    <details data-test="set-right">
        <summary>Set this record right</summary>
        <p class="quiet">What it was stays in the trail, the student sees it, and both sign again.</p>
        <h3>It was another student, or another vehicle</h3>
        <div class="field-line">
            <NamedSelect
                :value="student"
                filterable
                clearable
                :options="asOptions(choices?.students, card.student_id)"
                :placeholder="card.student"
                :input-props="{ 'aria-label': 'The student it was' }"
                @update:value="((student = $event as number | null), (change = undefined))"
            />
            <NamedSelect
                :value="vehicle"
                clearable
                :options="asOptions(choices?.vehicles, card.vehicle_id)"
                :placeholder="card.vehicle"
                :input-props="{ 'aria-label': 'The vehicle it was' }"
                @update:value="((vehicle = $event as number | null), (change = undefined))"
            />
            <NButton :disabled="busy || (student === null && vehicle === null)" @click="move(false)"
                >What would change?</NButton
            >
        </div>
        <div v-if="change" role="status" class="change">
            <p>
                {{ standings[change.before].word }} with {{ percent(change.before_permille) }} would become
                {{ standings[change.after].word }} with {{ percent(change.after_permille) }};
                {{ change.item_changes }} items fare differently, {{ change.unknown }} are not on that vehicle.
            </p>
            <NButton type="primary" :disabled="busy" data-test="keep-right" @click="move(true)">Keep it so</NButton>
        </div>
        <h3>Another scorer stands for it</h3>
        <HandOver :attempt="card.id" :scorer="card.scorer_id" @done="emit('changed')" />
        <h3>It counts for nothing</h3>
        <NButton v-if="card.status === 'void'" :disabled="busy" @click="setVoid(null)">Let it count again</NButton>
        <form v-else class="field-line" @submit.prevent="setVoid(reason)">
            <TextField v-model="reason" label="Why, as the student reads it" />
            <NButton attr-type="submit" :disabled="busy || reason.trim() === ''" data-test="void">Void it</NButton>
        </form>
        <p v-if="why" class="alert" role="alert">{{ why }}</p>
    </details>
</template>

<style scoped>
details[open] {
    display: grid;
    gap: var(--space-4);
}
h3 {
    margin-top: var(--space-4);
}
.field-line > :deep(.n-select) {
    width: min(100%, 320px);
}
.change {
    display: grid;
    gap: var(--space-3);
    justify-items: start;
}
</style>
