<script setup lang="ts">
import { computed } from 'vue';

/* Records taken out, as whoever asks can read them. The server writes them piece by piece, however many they are. */
const props = defineProps<{ of?: Record<string, string | number> }>();
const formats = [
    ['json', 'JSON, complete: another Pasada takes it in'],
    ['xlsx', 'Workbook: attempts, items, sections, brake tests'],
    ['csv', 'CSV: a line for each attempt'],
    ['xapi', 'xAPI 1.0.3 statements'],
] as const;
const links = computed(() =>
    formats.map(([format, label]) => {
        const query = new URLSearchParams({ format });
        for (const [name, value] of Object.entries(props.of ?? {})) if (value !== '') query.set(name, String(value));
        return { label, to: `/api/v1/export?${query.toString()}` };
    }),
);
</script>

<template>
    <ul>
        <li v-for="{ label, to } in links" :key="to">
            <a :href="to" download>{{ label }}</a>
        </li>
    </ul>
</template>

<style scoped>
ul {
    list-style: none;
    margin: 0;
    padding: 0;
}
li {
    min-height: 44px;
    display: flex;
    align-items: center;
}
</style>
