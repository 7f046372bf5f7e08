<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import LoadState from '@/shared/LoadState.vue';
import TextField from '@/shared/TextField.vue';
import { answer, api, type Schemas } from '@/shared/api/client';
import { dayOfYear } from '@/shared/format';
import { listChoices } from '@/shared/right/api';
import { useDoing } from '@/shared/useDoing';
import { useLoad } from '@/shared/useLoad';
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';

/* How long are records kept, and what is due? Nothing goes by itself. */
const { loaded, again } = useLoad(() => answer(api.GET('/retention')));
const { loaded: choices } = useLoad(listChoices);
const { busy, why, faults, doing } = useDoing();
const years = ref('');
const student = ref<number | null>(null);
const reason = ref('');
const isSure = ref(false);
const students = computed(() =>
    choices.value.state === 'ready'
        ? choices.value.data.students.map(({ id, name }) => ({ value: id, label: name }))
        : [],
);

const change = (body: Schemas['RetentionRequest']): Promise<boolean> =>
    doing(async () => {
        loaded.value = { state: 'ready', data: await answer(api.POST('/retention', { body })) };
        student.value = null;
        reason.value = '';
        isSure.value = false;
    });
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <section data-test="due">
                    <h1>
                        How long are records kept? {{ data.kept_years }} years;
                        {{ data.due === 0 ? 'nothing is due' : `${data.due} walks are due` }}
                    </h1>
                    <p class="quiet">
                        A training provider keeps records for {{ data.least_years }} years at least (49 CFR 380.725); a
                        state may ask more of its examiners. Nothing is deleted until you confirm it, and a line with
                        counts and a digest stays.
                    </p>
                    <template v-if="data.due > 0 && data.oldest && data.newest">
                        <p>From {{ dayOfYear(data.oldest) }} to {{ dayOfYear(data.newest) }}. Back them up first.</p>
                        <label class="sure"
                            ><input v-model="isSure" type="checkbox" /> They go for good, with marks, notes, captions
                            and signatures.</label
                        >
                        <NButton :disabled="busy || !isSure" type="error" @click="change({ delete: data.due })"
                            >Delete {{ data.due }} walks</NButton
                        >
                    </template>
                </section>
                <form class="field-line" @submit.prevent="change({ kept_years: Number(years) })">
                    <TextField
                        v-model="years"
                        label="Keep for so many years"
                        type="number"
                        :fault="faults.kept_years"
                    />
                    <NButton attr-type="submit" :disabled="busy || years === ''">Keep so long</NButton>
                </form>
                <section>
                    <h2>Whose records are held? {{ data.holds.length === 0 ? "Nobody's" : data.holds.length }}</h2>
                    <p class="quiet">Where there is a dispute, nothing of a student is deleted, whatever is due.</p>
                    <ul class="figure-list">
                        <li v-for="hold in data.holds" :key="hold.value">
                            <span>{{ hold.label }}</span>
                            <NButton :disabled="busy" @click="change({ end_hold: Number(hold.value) })"
                                >End the hold</NButton
                            >
                        </li>
                    </ul>
                    <form class="field-line" @submit.prevent="change({ hold_student_id: student ?? 0, reason })">
                        <NamedSelect
                            :value="student"
                            filterable
                            size="large"
                            :options="students"
                            placeholder="Student"
                            :input-props="{ 'aria-label': 'Student whose records are held' }"
                            @update:value="(value: number) => (student = value)"
                        />
                        <TextField v-model="reason" label="Why" :fault="faults.reason" />
                        <NButton attr-type="submit" :disabled="busy || student === null">Hold the records</NButton>
                    </form>
                </section>
                <section v-if="data.deleted.length > 0">
                    <h2>What was deleted</h2>
                    <ul>
                        <li v-for="one in data.deleted" :key="one">{{ one }}</li>
                    </ul>
                </section>
                <p v-if="why" class="alert" role="alert">{{ why }}</p>
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
section {
    display: grid;
    gap: var(--space-4);
    justify-items: start;
}
ul {
    width: 100%;
}
li {
    overflow-wrap: anywhere;
}
.sure {
    display: flex;
    gap: var(--space-3);
    align-items: center;
    min-height: 48px;
    font-weight: 600;
}
.field-line > :deep(.n-select) {
    width: min(100%, 320px);
}
</style>
