<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { choices, type Filter, type Row } from './classFilter';

const filter = defineModel<Filter>({ required: true });
defineProps<{ students: Row[] }>();
const within = [7, 14, 28].map((days) => ({ value: days, label: `in ${days} days` }));
</script>

<template>
    <div class="filters">
        <NamedSelect
            v-model:value="filter.class"
            clearable
            placeholder="every class"
            :options="choices(students, 'class_name')"
            :input-props="{ 'aria-label': 'Class' }"
        />
        <NamedSelect
            v-model:value="filter.vehicle"
            clearable
            placeholder="every vehicle"
            :options="choices(students, 'vehicle')"
            :input-props="{ 'aria-label': 'Vehicle' }"
        />
        <NamedSelect
            v-model:value="filter.instructor"
            clearable
            placeholder="whoever scored last"
            :options="choices(students, 'instructor')"
            :input-props="{ 'aria-label': 'Instructor' }"
        />
        <NamedSelect
            v-model:value="filter.within"
            clearable
            placeholder="exam at any time"
            :options="within"
            :input-props="{ 'aria-label': 'Exam' }"
        />
    </div>
</template>

<style scoped>
.filters {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
    gap: var(--space-4);
}
</style>
