<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';
import { daysFrom, percent } from '@/shared/format';
import { standings } from '@/shared/standing';
import { NButton } from 'naive-ui';
import { useRouter } from 'vue-router';

defineProps<{ students: Schemas['StudentCardResource'][]; canStart: boolean }>();
const router = useRouter();
</script>

<template>
    <p v-if="students.length === 0">Nobody is overdue and no exam is near.</p>
    <ul v-else>
        <li v-for="student in students" :key="student.id">
            <RouterLink :to="{ name: 'student', params: { id: student.id } }" class="name">{{
                student.name
            }}</RouterLink>
            <span>
                <template v-if="student.exam_on">Exam {{ daysFrom(student.exam_on) }}</template>
                <template v-else>No exam date</template>
            </span>
            <span class="quiet">
                <template v-if="student.last_attempt_at">
                    last walk {{ daysFrom(student.last_attempt_at) }}, {{ percent(student.last_permille ?? 0) }}:
                    <strong
                        v-if="student.last_standing"
                        :style="{ color: `var(${standings[student.last_standing].token})` }"
                        >{{ standings[student.last_standing].word.toLowerCase() }}</strong
                    >
                    <small v-if="student.last_reason" class="reason">{{ student.last_reason }}</small>
                </template>
                <template v-else>no walk yet</template>
            </span>
            <NButton v-if="canStart" @click="router.push({ name: 'start', query: { student: student.id } })"
                >Start</NButton
            >
        </li>
    </ul>
</template>

<style scoped>
ul {
    list-style: none;
    margin: 0;
    padding: 0;
    border-top: 2px solid var(--ink);
}
li {
    display: grid;
    grid-template-columns: 1.3fr 1fr 1.4fr auto;
    align-items: center;
    gap: var(--space-1) var(--space-6);
    min-height: 58px;
    border-bottom: 1px solid var(--line);
}
.name {
    font-weight: 700;
    font-size: var(--size-strong);
    color: var(--ink);
}
.reason {
    display: block;
}
@media (max-width: 640px) {
    li {
        grid-template-columns: 1fr auto;
        padding: var(--space-3) 0;
    }
}
</style>
