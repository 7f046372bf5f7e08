<script setup lang="ts">
import { byAsked, progressOf } from '@/shared/alike';
import { daysFrom } from '@/shared/format';
import CalendarLink from '@/shared/CalendarLink.vue';
import { useSession } from '@/shared/session/useSession';
import LoadState from '@/shared/LoadState.vue';
import PaperLinks from '@/shared/PaperLinks.vue';
import ProgressChart from '@/shared/ProgressChart.vue';
import { useLoad } from '@/shared/useLoad';
import { useLookAgain } from '@/shared/useLookAgain';
import type { Schemas } from '@/shared/api/client';
import { readReadiness } from '@/shared/progress/api';
import BrakeChances from './readiness/BrakeChances.vue';
import ExamResults from './readiness/ExamResults.vue';
import LongUnsaid from './readiness/LongUnsaid.vue';
import MasteryMap from './readiness/MasteryMap.vue';
import NextPractice from './readiness/NextPractice.vue';
import ReadinessHead from './readiness/ReadinessHead.vue';
import TimeAndOrder from './readiness/TimeAndOrder.vue';
import { readStudent } from './api';
import BrakePractices from './BrakePractices.vue';
import MostMissed from './MostMissed.vue';
import PersonData from './PersonData.vue';
import RehearsedAlone from './RehearsedAlone.vue';
import SoundConsent from './SoundConsent.vue';
import StudentFile from './StudentFile.vue';
import { useWalks } from './useWalks';
import WalksOfStudent from './WalksOfStudent.vue';
import { computed } from 'vue';

const props = defineProps<{ id: number }>();
const { user } = useSession();
const { loaded, again } = useLoad(() => readStudent(props.id));
// On its own: the record is there at once, and stays where this fails.
const asked = useLoad(() => readReadiness(props.id));
const { loaded: readiness, again: readAgain } = asked;
useLookAgain(asked, ({ is_fitting: isFitting }) => isFitting);

const changed = (): Promise<unknown> => Promise.all([again(), readAgain()]);
const { walks, hasOlder, bringOlder, busy, why } = useWalks(loaded);
/** Finished ones by what was asked, in order. */
const groups = computed(() => byAsked(walks.value.filter((attempt) => attempt.permille !== null)));

function practiced({ brake_practices: all }: Schemas['StudentRecordResource']): string {
    const passed = all.filter(({ standing }) => standing === 'passed').length;
    return `${passed} of the last ${all.length} passed`;
}
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <header>
                    <h1>{{ data.student.name }}</h1>
                    <p class="quiet">
                        {{ data.student.archived ? 'Archived: in no list. ' : ''
                        }}{{ data.student.class_name || 'In no class' }}.
                        {{ data.student.exam_on ? `Exam ${daysFrom(data.student.exam_on)}.` : 'No exam date.' }}
                    </p>
                    <p>
                        <RouterLink :to="{ name: 'guide', params: { id } }">Study guide of the whole walk</RouterLink>
                        <RouterLink class="beside" :to="{ name: 'rehearse', params: { id } }">Rehearse</RouterLink>
                        <PaperLinks class="beside" :path="`students/${id}/paper`" what="Training record" />
                    </p>
                </header>
                <StudentFile v-if="user?.may_change_documents" :student="data.student" @changed="changed" />
                <template v-if="user?.student_id === id">
                    <CalendarLink />
                    <PersonData :student="data.student" :may-erase="false" />
                </template>
                <LoadState :loaded="readiness" @again="readAgain">
                    <template #default="{ data: told }">
                        <ReadinessHead :readiness="told" />
                        <NextPractice :readiness="told" :student="id" />
                        <MasteryMap :readiness="told" />
                        <div class="side-by-side">
                            <LongUnsaid :readiness="told" />
                            <TimeAndOrder :readiness="told" />
                            <BrakeChances :readiness="told" />
                            <ExamResults :readiness="told" :student="id" @changed="readAgain" />
                        </div>
                    </template>
                </LoadState>
                <section>
                    <h2>Is it getting better? {{ progressOf(groups[0]?.attempts ?? []) }}</h2>
                    <template v-for="group in groups" :key="group.asked">
                        <h3>
                            Under {{ group.asked }}<span class="quiet">: {{ progressOf(group.attempts) }}</span>
                        </h3>
                        <ProgressChart v-if="group.attempts.length > 1" :attempts="group.attempts" />
                    </template>
                </section>
                <div class="side-by-side">
                    <section>
                        <h2>What is missed most often?</h2>
                        <MostMissed :items="data.most_missed" />
                    </section>
                    <WalksOfStudent :walks :has-older="hasOlder" :busy :why @older="bringOlder" />
                    <section v-if="data.brake_practices.length > 0">
                        <h2>Air cab: {{ practiced(data) }}</h2>
                        <p class="quiet">Practice on the simulated air system. It counts on no sheet.</p>
                        <BrakePractices :practices="data.brake_practices" />
                    </section>
                </div>
                <RehearsedAlone :student="id" />
                <SoundConsent :student="id" />
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
.beside {
    margin-left: var(--space-6);
}
section,
.page :deep(section) {
    display: grid;
    gap: var(--space-4);
    align-content: start;
    min-width: 0;
}
</style>
