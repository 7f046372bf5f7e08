<script setup lang="ts">
import { wordsOf } from '@/shared/wordsOf';
import { ApiProblem } from '@/shared/api/client';
import { NButton } from 'naive-ui';
import { ref } from 'vue';
import { importTable, type Draft } from '../api';

/* For who would rather work in a spreadsheet: one row per part at each stop. */
const props = defineProps<{ draft: Draft | undefined }>();
const emit = defineEmits<{ imported: [draft: Draft] }>();
const why = ref<string[]>([]);
const done = ref('');

async function take(event: Event): Promise<void> {
    const input = event.target as HTMLInputElement;
    const file = input.files?.[0];
    if (file === undefined || props.draft === undefined) return;
    why.value = [];
    done.value = '';
    try {
        emit('imported', await importTable(props.draft.id, props.draft.step, await file.text()));
        done.value = `${file.name} is imported. Undo takes it back.`;
    } catch (error) {
        why.value =
            error instanceof ApiProblem && error.errors.length > 0
                ? error.errors.map(({ path, message }) => (path === '' ? message : `${path}: ${message}`))
                : [wordsOf(error)];
    }
    input.value = '';
}
</script>

<template>
    <div class="table">
        <p>
            Download the table of the version in force from the list of checklists, change it in a spreadsheet, and lay
            it over this draft. Commas, semicolons and tabs are understood. Everything is checked first; with one fault
            nothing is taken.
        </p>
        <label class="bring">
            <input
                type="file"
                accept=".csv,text/csv,.txt"
                class="visually-hidden"
                data-test="import-table"
                @change="take"
            />
            <NButton tag="span" type="primary">Import table into draft</NButton>
        </label>
        <p v-if="done" role="status">{{ done }}</p>
        <div v-if="why.length > 0" role="alert" class="alert">
            <p><strong>Nothing was imported.</strong></p>
            <ul>
                <li v-for="line in why" :key="line">{{ line }}</li>
            </ul>
        </div>
    </div>
</template>

<style scoped>
.table {
    display: grid;
    gap: var(--space-5);
    justify-items: start;
}
.bring:focus-within {
    outline: 3px solid var(--late);
    border-radius: var(--round-middle);
}
</style>
