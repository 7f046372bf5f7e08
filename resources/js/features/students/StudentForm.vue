<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import TextField from '@/shared/TextField.vue';
import { useDoing } from '@/shared/useDoing';
import { useLoad } from '@/shared/useLoad';
import type { Schemas } from '@/shared/api/client';
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import { listSchoolClasses, saveStudent } from './api';

/* A new student, or what is kept of one. */
const props = defineProps<{ student?: Schemas['StudentCardResource'] }>();
const emit = defineEmits<{ saved: [id: number]; leave: [] }>();
const name = ref(props.student?.name ?? '');
const number = ref(props.student?.number ?? '');
const classId = ref<number | null>(props.student?.class_id ?? null);
const { busy, why, faults, doing } = useDoing();
const { loaded } = useLoad(listSchoolClasses);
const classes = computed(() =>
    loaded.value.state !== 'ready'
        ? []
        : loaded.value.data.classes
              .filter(({ archived, id }) => !archived || id === classId.value)
              .map(({ id, name: label }) => ({ value: id, label })),
);

async function save(): Promise<void> {
    await doing(async () => {
        const record = await saveStudent(props.student?.id ?? null, {
            name: name.value,
            number: number.value.trim() === '' ? null : number.value,
            class_id: classId.value,
            exam_on: props.student?.exam_on ?? null,
        });
        emit('saved', record.student.id);
    });
}
</script>

<template>
    <form class="form" data-test="student-form" @submit.prevent="save">
        <TextField v-model="name" label="Name" :fault="faults.name" />
        <TextField
            v-model="number"
            label="Number"
            hint="by which your school knows the student, if there is one"
            :fault="faults.number"
        />
        <div>
            <strong>Class</strong>
            <NamedSelect
                :value="classId"
                clearable
                size="large"
                :options="classes"
                placeholder="none"
                :input-props="{ 'aria-label': 'Class' }"
                @update:value="(value: number | null) => (classId = value)"
            />
        </div>
        <p v-if="why" class="alert" role="alert">{{ why }}</p>
        <div class="acts">
            <NButton type="primary" size="large" attr-type="submit" :loading="busy">{{
                student ? 'Save' : 'Add the student'
            }}</NButton>
            <NButton size="large" @click="emit('leave')">Leave</NButton>
        </div>
    </form>
</template>

<style scoped>
.form {
    display: grid;
    gap: var(--space-5);
    max-width: 560px;
}
</style>
