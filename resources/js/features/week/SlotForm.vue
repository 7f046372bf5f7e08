<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import TapButton from '@/shared/TapButton.vue';
import { day } from '@/shared/format';
import { computed, onMounted, ref, watch } from 'vue';
import type { Walk, Week } from './api';

/* One walk, set or changed by hand. */
const props = defineProps<{ week: Week; slotId: string; vehicle: number; isBusy: boolean }>();
const emit = defineEmits<{
    set: [walk: Omit<Walk, 'why' | 'fixed'>, had: Walk | undefined];
    clear: [walk: Walk];
    done: [];
}>();
const had = computed(() =>
    props.week.walks.find((walk) => walk.slot === props.slotId && walk.vehicle_id === props.vehicle),
);
const student = ref(had.value?.student_id ?? null);
const vehicle = ref(props.vehicle);
// Of a new walk the vehicle is the one that the student is examined on, until another is chosen.
watch(student, (id) => {
    const theirs = props.week.students.find((one) => one.id === id)?.vehicle_id;
    if (had.value === undefined && theirs) vehicle.value = theirs;
});
const form = ref<HTMLElement>();
onMounted(() => {
    form.value?.scrollIntoView({ block: 'center' });
    form.value?.querySelector('h2')?.focus();
});
const instructor = ref(had.value?.instructor_id ?? props.week.instructors[0]?.id ?? null);
const options = (all: { id: number; name: string }[]) => all.map(({ id, name }) => ({ value: id, label: name }));
function set(): void {
    if (student.value === null || instructor.value === null) return;
    emit(
        'set',
        {
            slot: props.slotId,
            student_id: student.value,
            vehicle_id: vehicle.value,
            instructor_id: instructor.value,
        },
        had.value,
    );
}
</script>

<template>
    <section ref="form" class="form" data-test="slot-form">
        <h2 tabindex="-1">Who walks on {{ day(slotId.slice(0, 10)) }} at {{ slotId.slice(11) }}?</h2>
        <p v-if="had">It {{ had.why }}.</p>
        <div class="fields">
            <NamedSelect
                v-model:value="student"
                filterable
                placeholder="Student"
                :options="options(week.students)"
                :input-props="{ 'aria-label': 'Student' }"
            />
            <NamedSelect
                v-model:value="vehicle"
                :options="options(week.vehicles)"
                :input-props="{ 'aria-label': 'Vehicle' }"
            />
            <NamedSelect
                v-model:value="instructor"
                :options="options(week.instructors)"
                :input-props="{ 'aria-label': 'Instructor' }"
            />
        </div>
        <div class="acts">
            <TapButton :disabled="isBusy || student === null" data-test="set-walk" @click="set">Set by hand</TapButton>
            <TapButton v-if="had" :disabled="isBusy" @click="emit('clear', had)">Take it out</TapButton>
            <TapButton @click="emit('done')">Leave it</TapButton>
        </div>
    </section>
</template>

<style scoped>
.form {
    display: grid;
    gap: var(--space-4);
    padding: var(--space-6);
    border: 2px solid var(--ink);
    border-radius: var(--round-large);
}
.fields {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
    gap: var(--space-4);
}
</style>
