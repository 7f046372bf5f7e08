<script setup lang="ts">
import AttemptRow from '@/shared/AttemptRow.vue';
import { daysFrom, percent } from '@/shared/format';
import LoadState from '@/shared/LoadState.vue';
import ProgressChart from '@/shared/ProgressChart.vue';
import { useLoad } from '@/shared/useLoad';
import type { Schemas } from '@/shared/api/client';
import { readStudent } from './api';
import BrakePractices from './BrakePractices.vue';
import MostMissed from './MostMissed.vue';

const props = defineProps<{ id: number }>();
const { loaded, again } = useLoad(() => readStudent(props.id));

const finished = (record: Schemas['StudentRecordResource']): Schemas['AttemptCardResource'][] =>
    record.attempts.filter((attempt) => attempt.permille !== null);

function practiced({ brake_practices: all }: Schemas['StudentRecordResource']): string {
    const passed = all.filter(({ standing }) => standing === 'passed').length;
    return `${passed} of the last ${all.length} passed`;
}
function progress(record: Schemas['StudentRecordResource']): string {
    const done = finished(record);
    const first = done[0]?.permille;
    const last = done.at(-1)?.permille;
    if (first === undefined || first === null || last === undefined || last === null) return 'No finished walk yet.';
    const change = last - first;
    if (done.length === 1) return `One walk so far: ${percent(last)} earned.`;
    const moved =
        change === 0
            ? 'no change'
            : `${change > 0 ? 'up' : 'down'} ${percent(Math.abs(change)).replace('%', '')} points`;
    return `${percent(last)} earned in the last walk, ${moved} since the first of ${done.length}.`;
}
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <header>
                    <h1>{{ data.student.name }}</h1>
                    <p class="quiet">
                        {{ data.student.class_name }}.
                        {{ data.student.exam_on ? `Exam ${daysFrom(data.student.exam_on)}.` : 'No exam date.' }}
                    </p>
                </header>
                <section>
                    <h2>Is it getting better? {{ progress(data) }}</h2>
                    <ProgressChart v-if="finished(data).length > 1" :attempts="finished(data)" />
                </section>
                <div class="two">
                    <section>
                        <h2>What is missed most often?</h2>
                        <MostMissed :items="data.most_missed" />
                    </section>
                    <section>
                        <h2>Walks, newest first</h2>
                        <p v-if="data.attempts.length === 0" class="quiet">None yet.</p>
                        <div>
                            <AttemptRow
                                v-for="attempt in data.attempts.toReversed()"
                                :key="attempt.id"
                                :attempt="attempt"
                            />
                        </div>
                    </section>
                    <section v-if="data.brake_practices.length > 0">
                        <h2>Air cab: {{ practiced(data) }}</h2>
                        <p class="quiet">Practice on the simulated air system. It counts on no sheet.</p>
                        <BrakePractices :practices="data.brake_practices" />
                    </section>
                </div>
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
section {
    display: grid;
    gap: var(--space-4);
    align-content: start;
    min-width: 0;
}
.two {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 420px), 1fr));
    gap: var(--space-9) var(--space-10);
}
</style>
