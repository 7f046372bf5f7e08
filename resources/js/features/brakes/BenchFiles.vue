<script setup lang="ts">
import { useTemplateRef } from 'vue';
import type { OpenBench } from './useBench';

/* What was observed, to take along and to take in: a list of events, or a trace that a logger wrote. */
const props = defineProps<{ id: string; on: OpenBench }>();
const input = useTemplateRef('input');
async function take(): Promise<void> {
    const file = input.value?.files?.[0];
    if (file !== undefined) await props.on.takeIn(file.name, await file.text());
    if (input.value !== null) input.value.value = '';
}
</script>

<template>
    <details>
        <summary>Files</summary>
        <p>
            <a :href="`/api/v1/attempts/${id}/brakes/file?format=csv`" download>Save as a table (CSV)</a>
            <a :href="`/api/v1/attempts/${id}/brakes/file?format=json`" download>Save as JSON</a>
        </p>
        <label
            >Take in a list of events or a trace of pressures, CSV or JSON. What was there is kept among what was taken
            back.
            <input
                ref="input"
                type="file"
                accept=".csv,.json,text/csv,application/json"
                data-test="events"
                @change="take"
        /></label>
    </details>
</template>

<style scoped>
summary {
    min-height: 44px;
    cursor: pointer;
    font-weight: 700;
}
a {
    display: inline-block;
    padding: var(--space-4) var(--space-6) var(--space-4) 0;
}
input {
    display: block;
    margin-top: var(--space-2);
    min-height: 44px;
}
</style>
