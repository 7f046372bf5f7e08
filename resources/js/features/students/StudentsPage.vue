<script setup lang="ts">
import { daysFrom, percent } from '@/shared/format';
import LoadState from '@/shared/LoadState.vue';
import { standings } from '@/shared/standing';
import { useLoad } from '@/shared/useLoad';
import { useSession } from '@/shared/session/useSession';
import { NButton, NInput } from 'naive-ui';
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import { listStudents } from './api';
import StudentForm from './StudentForm.vue';
import { sortStudents, type Card, type Head, type Sorting } from './sortStudents';

const { loaded, again } = useLoad(listStudents);
const { user } = useSession();
const router = useRouter();
const isAdding = ref(false);
const wanted = ref('');
const sorting = ref<Sorting>({ by: 'name', down: false });
const heads: { id: Head; label: string }[] = [
    { id: 'name', label: 'Name' },
    { id: 'walks', label: 'Walks' },
    { id: 'last', label: 'Last walk' },
    { id: 'earned', label: 'Earned' },
    { id: 'verdict', label: 'Verdict' },
    { id: 'exam', label: 'Exam' },
];
const shown = (all: Card[]): Card[] =>
    sortStudents(
        all.filter(({ name }) => name.toLowerCase().includes(wanted.value.trim().toLowerCase())),
        sorting.value,
    );
function sort(by: Head): void {
    sorting.value = { by, down: sorting.value.by === by && !sorting.value.down };
}
const sorted = (id: Head): 'ascending' | 'descending' | undefined =>
    sorting.value.by === id ? (sorting.value.down ? 'descending' : 'ascending') : undefined;
const arrow = (id: Head): string => ({ ascending: ' ▲', descending: ' ▼', none: '' })[sorted(id) ?? 'none'];
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <header class="acts">
                    <h1>Students</h1>
                    <template v-if="user?.may_change_documents">
                        <NButton type="primary" size="large" data-test="add-student" @click="isAdding = true"
                            >Add a student</NButton
                        >
                        <NButton size="large" @click="router.push('/students/list')">Bring a list</NButton>
                        <RouterLink to="/classes">Classes</RouterLink>
                        <RouterLink to="/records">Records from elsewhere</RouterLink>
                    </template>
                </header>
                <StudentForm
                    v-if="isAdding"
                    @saved="(id) => router.push({ name: 'student', params: { id } })"
                    @leave="isAdding = false"
                />
                <NInput
                    v-model:value="wanted"
                    class="search"
                    size="large"
                    placeholder="Part of a name"
                    clearable
                    :input-props="{ 'aria-label': 'Find a student' }"
                />
                <p v-if="data.length === 0">
                    There is no student yet. Add one by name, or bring a list from a spreadsheet.
                </p>
                <table v-else class="record-table">
                    <thead>
                        <tr>
                            <th v-for="{ id, label } in heads" :key="id" scope="col" :aria-sort="sorted(id)">
                                <button type="button" class="sort" :data-sort="id" @click="sort(id)">
                                    {{ label }}<span aria-hidden="true">{{ arrow(id) }}</span>
                                </button>
                            </th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="student in shown(data)" :key="student.id">
                            <th scope="row">
                                <RouterLink :to="{ name: 'student', params: { id: student.id } }">{{
                                    student.name
                                }}</RouterLink>
                            </th>
                            <td class="numeral">{{ student.attempts }}</td>
                            <td>{{ student.last_attempt_at ? daysFrom(student.last_attempt_at) : 'none yet' }}</td>
                            <td class="numeral">
                                {{ student.last_permille === null ? '' : percent(student.last_permille) }}
                            </td>
                            <td>
                                <strong
                                    :style="{
                                        color: student.last_standing
                                            ? `var(${standings[student.last_standing].token})`
                                            : undefined,
                                    }"
                                    >{{ student.last_standing ? standings[student.last_standing].word : '' }}</strong
                                >
                                <small v-if="student.last_reason" class="reason">{{ student.last_reason }}</small>
                            </td>
                            <td>{{ student.exam_on ? daysFrom(student.exam_on) : 'no date' }}</td>
                        </tr>
                    </tbody>
                </table>
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
.page {
    gap: var(--space-6);
}
.search {
    max-width: 360px;
}
tbody th a {
    color: var(--ink);
    font-size: var(--size-strong);
}
.sort {
    min-height: 44px;
    padding: 0;
    border: 0;
    background: none;
    font-weight: inherit;
    cursor: pointer;
}
.reason {
    display: block;
    max-width: 40ch;
}
@media (max-width: 640px) {
    th:nth-child(2),
    td:nth-child(2),
    th:nth-child(4),
    td:nth-child(4) {
        display: none;
    }
}
</style>
