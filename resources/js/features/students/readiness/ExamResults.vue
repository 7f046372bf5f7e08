<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import TapButton from '@/shared/TapButton.vue';
import TextField from '@/shared/TextField.vue';
import { dayOfYear, schoolDay } from '@/shared/format';
import { useSession } from '@/shared/session/useSession';
import { wordsOf } from '@/shared/wordsOf';
import { v7 } from 'uuid';
import { computed, ref } from 'vue';
import { recordExam, withdrawExam, type ExamResult, type Readiness } from '@/shared/progress/api';
import { percentOf } from '@/shared/progress/chances';

/* What came of real exams: the only thing that tells how good the chances are. */
const props = defineProps<{ readiness: Readiness; student: number }>();
const emit = defineEmits<{ changed: [] }>();
const { user } = useSession();
const heldOn = ref(schoolDay());
const form = ref('');
const missed = ref<string[]>([]);
const names = computed(() => new Map(props.readiness.items.map(({ item, name }) => [item, name])));
const told = ({ form: by, missed: items }: ExamResult): string =>
    [by === null ? '' : `form ${by}`, items.map((item) => names.value.get(item) ?? item).join(', ')]
        .filter((part) => part !== '')
        .join('; missed: ');
const why = ref('');
const isBusy = ref(false);
const justKept = ref<ExamResult>();
// Made once for each result: sending twice records once.
let id = v7();

async function doing(what: () => Promise<ExamResult | undefined>): Promise<void> {
    if (isBusy.value) return;
    isBusy.value = true;
    why.value = '';
    try {
        justKept.value = await what();
        id = v7();
        emit('changed');
    } catch (error) {
        why.value = wordsOf(error);
    } finally {
        isBusy.value = false;
    }
}
const keep = (passed: boolean): Promise<void> =>
    doing(async () => {
        const kept = await recordExam(props.student, {
            id,
            held_on: heldOn.value,
            passed,
            form: form.value.trim() === '' ? null : form.value.trim(),
            missed: missed.value.length === 0 ? null : missed.value,
        });
        form.value = '';
        missed.value = [];
        return kept;
    });
const undo = (exam: string): Promise<void> =>
    doing(async () => {
        await withdrawExam(exam);
        return undefined;
    });
</script>

<template>
    <section data-test="exams">
        <h2>What came of real exams? {{ readiness.exams.length === 0 ? 'None is recorded' : '' }}</h2>
        <ul>
            <li v-for="exam in readiness.exams" :key="exam.id">
                <strong>{{ exam.passed ? '✓ passed' : '✕ not passed' }}</strong>
                {{ dayOfYear(exam.held_on) }}{{ exam.chance === null ? '' : `, foretold ${percentOf(exam.chance)}` }}
                <small v-if="told(exam) !== ''">{{ told(exam) }}</small>
                <button v-if="user?.sees_all_students" type="button" class="undo" @click="undo(exam.id)">
                    Withdraw
                </button>
            </li>
        </ul>
        <div v-if="user?.sees_all_students" class="field-line">
            <label class="on">Held on <input v-model="heldOn" type="date" :max="schoolDay()" /></label>
            <TextField v-model="form" class="by" label="By form, if known" />
            <label class="missed"
                >Missed, if the examiner told
                <NamedSelect
                    v-model:value="missed"
                    multiple
                    filterable
                    size="large"
                    placeholder="Nothing named"
                    :max-tag-count="3"
                    :options="readiness.items.map(({ item, name }) => ({ value: item, label: name }))"
                    data-test="exam-missed"
            /></label>
            <TapButton :disabled="isBusy" @click="keep(true)">Passed</TapButton>
            <TapButton :disabled="isBusy" @click="keep(false)">Not passed</TapButton>
        </div>
        <p v-if="justKept" role="status">Recorded. A slip? Withdraw it; it stays in the trail.</p>
        <p v-if="why" role="alert" class="alert">{{ why }}</p>
    </section>
</template>

<style scoped>
ul {
    list-style: none;
    margin: 0;
    padding: 0;
}
li {
    display: flex;
    gap: var(--space-5);
    align-items: center;
    min-height: 48px;
}
.by {
    width: 160px;
}
.on,
.missed {
    font-weight: 600;
    display: grid;
    gap: var(--space-2);
    min-width: 0;
}
.missed {
    flex: 1 1 260px;
}
label input {
    min-height: 52px;
    padding: 0 var(--space-5);
    font: inherit;
    color: inherit;
    background: var(--panel);
    border: 2px solid var(--line);
    border-radius: var(--round-large);
}
.undo {
    min-height: 44px;
    border: 0;
    background: none;
    color: var(--strong);
    text-decoration: underline;
    cursor: pointer;
}
</style>
