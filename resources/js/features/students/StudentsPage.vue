<script setup lang="ts">
import { daysFrom, percent } from '@/shared/format';
import LoadState from '@/shared/LoadState.vue';
import { standings } from '@/shared/standing';
import { useLoad } from '@/shared/useLoad';
import { NInput } from 'naive-ui';
import { ref } from 'vue';
import { listStudents } from './api';

const { loaded, again } = useLoad(listStudents);
const wanted = ref('');
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <h1>Students</h1>
                <NInput
                    v-model:value="wanted"
                    class="search"
                    size="large"
                    placeholder="Part of a name"
                    clearable
                    :input-props="{ 'aria-label': 'Find a student' }"
                />
                <p v-if="data.length === 0">There is no student yet.</p>
                <table v-else class="record-table">
                    <thead>
                        <tr>
                            <th scope="col">Name</th>
                            <th scope="col">Walks</th>
                            <th scope="col">Last walk</th>
                            <th scope="col">Earned</th>
                            <th scope="col">Verdict</th>
                            <th scope="col">Exam</th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr
                            v-for="student in data.filter(({ name }) =>
                                name.toLowerCase().includes(wanted.trim().toLowerCase()),
                            )"
                            :key="student.id"
                        >
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
                            <td
                                :style="{
                                    color: student.last_standing
                                        ? `var(${standings[student.last_standing].token})`
                                        : undefined,
                                }"
                            >
                                {{ student.last_standing ? standings[student.last_standing].word : '' }}
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
td:nth-child(5) {
    font-weight: 700;
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
