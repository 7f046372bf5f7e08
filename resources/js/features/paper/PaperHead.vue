<script setup lang="ts">
import TextField from '@/shared/TextField.vue';
import { NamedSelect } from '@/shared/NamedSelect';
import type { Schemas } from '@/shared/api/client';
import { computed } from 'vue';
import type { KeptPaper } from './keptPaper';

/* What stands on the head of the sheet. Another vehicle, checklist or form has other lines. */
const props = defineProps<{ choices: Schemas['ChoicesResource']; faults: Record<string, string> }>();
defineEmits<{ keep: [] }>();
const paper = defineModel<KeptPaper>({ required: true });

const options = (list: { id: number; name: string }[]): { value: number; label: string }[] =>
    list.map(({ id, name }) => ({ value: id, label: name }));
const forms = computed(() => [
    { value: '', label: 'Everything, without a form' },
    ...(props.choices.checklists.find(({ id }) => id === paper.value.checklist)?.forms ?? []).map(({ id, name }) => ({
        value: id,
        label: name,
    })),
]);
function set(change: Partial<KeptPaper>): void {
    paper.value = { ...paper.value, ...change };
}
const other = (change: Partial<KeptPaper>): void => set({ ...change, sheet: {} });
</script>

<template>
    <form class="head" @submit.prevent="$emit('keep')">
        <label
            >Who walked
            <NamedSelect
                :value="paper.student"
                filterable
                placeholder="Whose sheet is it?"
                size="large"
                :options="options(choices.students)"
                data-test="paper-student"
                @update:value="(student: number) => set({ student })"
        /></label>
        <label
            >Vehicle
            <NamedSelect
                :value="paper.vehicle"
                size="large"
                :options="options(choices.vehicles)"
                @update:value="(vehicle: number) => other({ vehicle })"
        /></label>
        <label
            >Checklist
            <NamedSelect
                :value="paper.checklist"
                size="large"
                :options="options(choices.checklists)"
                @update:value="(checklist: number) => other({ checklist, form: '' })"
        /></label>
        <label v-if="forms.length > 1"
            >Form
            <NamedSelect
                :value="paper.form"
                size="large"
                :options="forms"
                @update:value="(form: string) => other({ form })"
        /></label>
        <label
            >How it was run
            <NamedSelect
                :value="paper.mode"
                size="large"
                :options="[
                    { value: 'practice', label: 'Practice' },
                    { value: 'exam', label: 'Examination' },
                ]"
                @update:value="(mode: 'practice' | 'exam') => set({ mode })"
        /></label>
        <TextField
            label="Day and start"
            type="datetime-local"
            :model-value="paper.began"
            :fault="faults['started_at']"
            @update:model-value="(began) => set({ began })"
        />
        <TextField
            label="Minutes it took"
            type="number"
            :model-value="paper.minutes"
            :fault="faults['minutes']"
            @update:model-value="(minutes) => set({ minutes: String(minutes) })"
        />
    </form>
</template>

<style scoped>
.head {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(260px, 100%), 1fr));
    gap: var(--space-5) var(--space-7);
}
label {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: var(--space-2);
    font-weight: 600;
    min-width: 0;
}
</style>
