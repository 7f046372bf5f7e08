<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import FormEnd from '@/shared/FormEnd.vue';
import TextField from '@/shared/TextField.vue';
import { useDoing } from '@/shared/useDoing';
import { listClasses } from '@/shared/classes/api';
import { useLoad } from '@/shared/useLoad';
import type { Schemas } from '@/shared/api/client';
import { v7 } from 'uuid';
import { computed, ref } from 'vue';
import { saveStudent } from './api';

/* A new student, or what is kept of one. */
const props = defineProps<{ student?: Schemas['StudentCardResource'] }>();
const emit = defineEmits<{ saved: [id: number]; leave: [] }>();
const name = ref(props.student?.name ?? '');
const number = ref(props.student?.number ?? '');
const classId = ref<number | null>(props.student?.class_id ?? null);
const { busy, why, faults, doing } = useDoing();
// Made once: sent again after a lost answer, the student is there once.
const id = v7();
const { loaded } = useLoad(listClasses);
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
            ...(props.student === undefined && { id }),
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
    <form class="stack" data-test="student-form" @submit.prevent="save">
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
        <FormEnd :busy="busy" :why="why" :label="student ? 'Save' : 'Add the student'" @leave="emit('leave')" />
    </form>
</template>

<style scoped>
form {
    max-width: 560px;
}
</style>
