<script setup lang="ts">
import LoadState from '@/shared/LoadState.vue';
import { readClass, type ClassView } from '@/shared/progress/api';
import { percentOf } from '@/shared/progress/chances';
import { useLoad } from '@/shared/useLoad';
import { useLookAgain } from '@/shared/useLookAgain';
import { ref } from 'vue';
import ClassFilters from './ClassFilters.vue';
import ClassStudents from './ClassStudents.vue';
import { filtered, NO_FILTER } from './classFilter';

/* Who is ready, who is not and why, and what one lesson would bring. */
const asked = useLoad(readClass);
const { loaded, again } = asked;
useLookAgain(asked, ({ waiting }) => waiting > 0);
const filter = ref({ ...NO_FILTER });
const answer = (data: ClassView): string => {
    const shown = filtered(data.students, filter.value);
    const ready = shown.filter(({ ready: is }) => is === 'ready').length;
    return shown.length === 0 ? 'Nobody is in this choice' : `${ready} of ${shown.length}`;
};
const expected = (data: ClassView): number => data.kept.reduce((sum, group) => sum + group.expected, 0);
const came = (data: ClassView): { exams: number; passed: number } =>
    data.kept.reduce((sum, { exams, passed }) => ({ exams: sum.exams + exams, passed: sum.passed + passed }), {
        exams: 0,
        passed: 0,
    });
const share = (missed: number, asked: number): string => (asked === 0 ? 'not asked' : percentOf(missed / asked));
const kept = (data: ClassView): string => {
    const { exams, passed } = came(data);
    return exams === 0
        ? 'No result of a real exam is recorded yet'
        : `${passed} of ${exams} passed, ${expected(data).toFixed(1)} were expected`;
};
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <header>
                    <h1>Who is ready? {{ answer(data) }}</h1>
                    <p class="quiet">
                        Ready: likely to pass, even where the doubt is taken off. Each by the checklist and the vehicle
                        of the last walk, on the day of the exam.
                    </p>
                    <p><RouterLink to="/scorers">How alike do we score?</RouterLink></p>
                    <p v-if="data.waiting > 0" role="status" data-test="waiting">
                        {{ data.waiting }} students are still being worked out; they come by themselves.
                    </p>
                </header>
                <ClassFilters v-model="filter" :students="data.students" />
                <p v-if="data.students.length === 0">There is no student yet.</p>
                <ClassStudents v-else :students="filtered(data.students, filter)" />
                <div class="side-by-side">
                    <section data-test="lessons">
                        <h2>What would one lesson bring most? {{ data.lessons[0]?.name ?? 'Nothing is known yet' }}</h2>
                        <ul class="figure-list">
                            <li v-for="one in data.lessons" :key="one.name">
                                <span
                                    >{{ one.name }} <small class="quiet">for {{ one.students }} students</small></span
                                >
                                <span class="numeral">+{{ one.passes.toFixed(2) }} passes</span>
                            </li>
                        </ul>
                    </section>
                    <section data-test="class-misses">
                        <h2>
                            What does the class miss?
                            {{ data.missed[0]?.name ?? `Nothing was walked in ${data.weeks_compared} weeks` }}
                        </h2>
                        <ul class="figure-list">
                            <li v-for="one in data.missed" :key="one.item">
                                <span>{{ one.name }}</span>
                                <span class="numeral"
                                    >{{ share(one.missed, one.asked) }}
                                    <small class="quiet"
                                        >{{ data.weeks_compared }} weeks before:
                                        {{ share(one.missed_before, one.asked_before) }}</small
                                    ></span
                                >
                            </li>
                        </ul>
                    </section>
                    <section>
                        <h2>How well were chances kept? {{ kept(data) }}</h2>
                        <ul class="figure-list">
                            <li v-for="group in data.kept" :key="group.from">
                                <span>foretold {{ group.from }} to {{ group.to }}%</span>
                                <span class="numeral">{{ group.passed }} of {{ group.exams }} passed</span>
                            </li>
                        </ul>
                        <p class="quiet">Record results on the student's page: they put all chances right.</p>
                    </section>
                </div>
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
small {
    display: block;
}
.numeral {
    text-align: right;
}
</style>
