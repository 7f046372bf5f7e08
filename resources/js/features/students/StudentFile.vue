<script setup lang="ts">
import ExportLinks from '@/shared/ExportLinks.vue';
import { NamedSelect } from '@/shared/NamedSelect';
import LinkSlip from '@/shared/LinkSlip.vue';
import TextField from '@/shared/TextField.vue';
import { dayOfYear } from '@/shared/format';
import { useDoing } from '@/shared/useDoing';
import { listClasses } from '@/shared/classes/api';
import { useLoad } from '@/shared/useLoad';
import { useSession } from '@/shared/session/useSession';
import type { Schemas } from '@/shared/api/client';
import { NButton } from 'naive-ui';
import { v7 } from 'uuid';
import { computed, reactive, ref } from 'vue';
import { useRouter } from 'vue-router';
import {
    archiveStudent,
    cancelAppointment,
    letStudentIn,
    listAppointments,
    listStudents,
    mergeStudent,
    noteAppointment,
} from './api';
import PersonData from './PersonData.vue';
import StudentForm from './StudentForm.vue';

/* What the school keeps of a student beside the walks: name and class, the exams that are ahead, the account. */
const props = defineProps<{ student: Schemas['StudentCardResource'] }>();
const emit = defineEmits<{ changed: [] }>();
const { loaded, again } = useLoad(() => listAppointments(props.student.id));
const { busy, why, faults, doing } = useDoing();
const { user } = useSession();
const router = useRouter();
const isOpen = ref(false);
const email = ref('');
const link = ref<Schemas['LinkResource']>();
const exam = reactive({ held_on: '', begins: '', place: '', examiner: '', vehicle: null as string | null, form: '' });
const { loaded: classes } = useLoad(listClasses);
const vehicles = computed(() => (classes.value.state === 'ready' ? classes.value.data.vehicles : []));
const nameOf = (vehicle: string): string => vehicles.value.find(({ value }) => value === vehicle)?.label ?? vehicle;
let id = v7();
/** Asked for only where somebody is there twice. */
const others = ref<{ value: number; label: string }[]>();
const into = ref<number | null>(null);

const letIn = (): Promise<boolean> =>
    doing(async () => {
        link.value = await letStudentIn(props.student.id, email.value);
    });
const archive = (): Promise<boolean> =>
    doing(async () => {
        await archiveStudent(props.student.id, !props.student.archived);
        emit('changed');
    });
const lookForTwin = (): Promise<boolean> =>
    doing(async () => {
        others.value = (await listStudents())
            .filter(({ id: other }) => other !== props.student.id)
            .map(({ id: value, name, class_name: group }) => ({ value, label: group ? `${name}, ${group}` : name }));
    });
const merge = (): Promise<boolean> =>
    doing(async () => {
        const kept = await mergeStudent(props.student.id, into.value ?? 0);
        await router.push({ name: 'student', params: { id: kept.student.id } });
    });
const note = (): Promise<boolean> =>
    doing(async () => {
        await noteAppointment(props.student.id, {
            id,
            held_on: exam.held_on,
            begins: exam.begins || null,
            place: exam.place || null,
            examiner: exam.examiner || null,
            vehicle: exam.vehicle,
            form: exam.form || null,
        });
        id = v7();
        Object.assign(exam, { held_on: '', begins: '', place: '', examiner: '', vehicle: null, form: '' });
        await again();
        emit('changed');
    });
const cancel = (appointment: string): Promise<boolean> =>
    doing(async () => {
        await cancelAppointment(appointment);
        await again();
        emit('changed');
    });
</script>

<template>
    <details class="file" data-test="student-file">
        <summary>What is kept of this student: class, exams, account</summary>
        <StudentForm
            v-if="isOpen"
            :student="student"
            @saved="((isOpen = false), emit('changed'))"
            @leave="isOpen = false"
        />
        <div v-else class="acts">
            <span
                >{{ student.class_name || 'in no class' }}{{ student.number ? `, number ${student.number}` : '' }}</span
            >
            <NButton data-test="change-student" @click="isOpen = true">Change</NButton>
            <NButton :disabled="busy" @click="archive">{{ student.archived ? 'Bring back' : 'Archive' }}</NButton>
        </div>
        <section>
            <h3>Exams that are ahead</h3>
            <ul v-if="loaded.state === 'ready'" class="figure-list">
                <li v-for="one in loaded.data.filter(({ cancelled }) => !cancelled)" :key="one.id">
                    <span
                        >{{ dayOfYear(one.held_on) }}{{ one.begins ? `, ${one.begins}` : ''
                        }}{{ one.place ? `, ${one.place}` : '' }}{{ one.examiner ? `, ${one.examiner}` : ''
                        }}{{ one.vehicle ? `, ${nameOf(one.vehicle)}` : ''
                        }}{{ one.form ? `, form ${one.form}` : '' }}</span
                    >
                    <NButton :disabled="busy" @click="cancel(one.id)">Cancel</NButton>
                </li>
            </ul>
            <form class="field-line" data-test="appointment" @submit.prevent="note">
                <TextField v-model="exam.held_on" label="Day" type="date" :fault="faults.held_on" />
                <TextField v-model="exam.begins" label="Time" type="time" :fault="faults.begins" />
                <TextField v-model="exam.place" label="Place" :fault="faults.place" />
                <TextField v-model="exam.examiner" label="Examiner" :fault="faults.examiner" />
                <NamedSelect
                    v-model:value="exam.vehicle"
                    class="twin"
                    size="large"
                    clearable
                    :options="vehicles"
                    placeholder="Vehicle"
                    :input-props="{ 'aria-label': 'Vehicle of the exam' }"
                />
                <TextField v-model="exam.form" label="Form" :fault="faults.form" />
                <NButton attr-type="submit" :disabled="busy || exam.held_on === ''">Note the exam</NButton>
            </form>
        </section>
        <section>
            <h3>Account: the student sees this record and practices alone</h3>
            <LinkSlip v-if="link" :link="link" />
            <form class="field-line" @submit.prevent="letIn">
                <TextField v-model="email" label="Address to sign in with" type="email" :fault="faults.email" />
                <NButton attr-type="submit" :disabled="busy || email === ''">Link for a password</NButton>
            </form>
        </section>
        <section v-if="user?.may_manage">
            <h3>There twice?</h3>
            <NButton v-if="others === undefined" :disabled="busy" @click="lookForTwin"
                >Merge with another record</NButton
            >
            <div v-else class="field-line">
                <NamedSelect
                    class="twin"
                    :value="into"
                    filterable
                    size="large"
                    :options="others"
                    placeholder="The record that stays"
                    :input-props="{ 'aria-label': 'The record that stays' }"
                    @update:value="(value: number) => (into = value)"
                />
                <NButton size="large" :disabled="busy || into === null" @click="merge">All of it goes there</NButton>
            </div>
            <p class="quiet">
                Walks, exams and the account go over; this record stays behind, archived, and says where.
            </p>
        </section>
        <section>
            <h3>All records of this student</h3>
            <ExportLinks :of="{ student: student.id }" />
        </section>
        <PersonData v-if="user?.may_manage" :student="student" may-erase @changed="emit('changed')" />
        <p v-if="why" class="alert" role="alert">{{ why }}</p>
    </details>
</template>

<style scoped>
.file[open] {
    display: grid;
    gap: var(--space-6);
    padding-bottom: var(--space-6);
    border-bottom: 2px solid var(--line);
}
section {
    display: grid;
    gap: var(--space-4);
    margin-top: var(--space-5);
    justify-items: start;
}
ul {
    width: 100%;
}
.twin {
    min-width: min(100%, 320px);
    width: auto;
}
</style>
