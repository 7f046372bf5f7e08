<script setup lang="ts">
import { useSession } from '@/shared/session/useSession';
import { dayAndTime, minutes, percent } from '@/shared/format';
import StateLegend from '@/shared/glyphs/StateLegend.vue';
import LoadState from '@/shared/LoadState.vue';
import PaperLinks from '@/shared/PaperLinks.vue';
import { useLoad } from '@/shared/useLoad';
import { computed, ref } from 'vue';
import { namesIn } from '@/shared/attempt/namesIn';
import { readResult, type Result } from './api';
import AmendedRecord from './AmendedRecord.vue';
import AmendForm from './AmendForm.vue';
import ComparedAttempts from './ComparedAttempts.vue';
import DefectsFound from './DefectsFound.vue';
import EarlierScoring from './EarlierScoring.vue';
import FirstThings from './FirstThings.vue';
import LessonList from './LessonList.vue';
import ScorerAgreement from './ScorerAgreement.vue';
import SectionScores from './SectionScores.vue';
import SetRight from './SetRight.vue';
import SignedRecord from './SignedRecord.vue';
import VerdictHead from './VerdictHead.vue';
import WalkOrder from './WalkOrder.vue';
import WalkTimeLine from './WalkTimeLine.vue';
import WalkSound from '@/shared/sound/play/WalkSound.vue';
import WhatIf from './WhatIf.vue';
import { useWalkSound, type ItemMoment } from '@/shared/sound/play/useWalkSound';

const props = defineProps<{ id: string }>();
const { loaded, again } = useLoad(() => readResult(props.id));
const { user } = useSession();
const momentsOf = ({ sheet }: Result): ItemMoment[] =>
    sheet.outcomes.flatMap(({ item, first_at_ms: at_ms }) => (at_ms === null ? [] : [{ item, at_ms }]));
const sound = useWalkSound(props.id, () => (loaded.value.state === 'ready' ? loaded.value.data : undefined));
const isLineOpen = ref(false);
const namesOf = (result: Result): Map<string, string> => namesIn(result.inspection.places);
const mayCompare = computed(() => user.value?.sees_all_students === true);
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <p class="about quiet">
                    <RouterLink :to="{ name: 'student', params: { id: data.card.student_id } }">{{
                        data.card.student
                    }}</RouterLink>, {{ dayAndTime(data.card.started_at) }}, {{ data.card.vehicle }}. Scored by
                    {{ data.card.scorer }} under “{{ data.card.checklist }}”{{
                        data.inspection.form ? `, ${data.inspection.form}` : ''
                    }}; {{ minutes(data.sheet.duration_ms) }} in all.
                    <template v-if="data.mode === 'exam'">
                        An <strong>examination</strong
                        >{{
                            data.inspection.form
                                ? data.drawn
                                    ? '; the form was drawn by lot.'
                                    : '; the form was set by hand.'
                                : '.'
                        }}
                    </template>
                </p>
                <p v-if="data.imported" class="quiet" data-test="imported">
                    Not recorded here: taken in from a file on {{ dayAndTime(data.imported.at) }} by
                    {{ data.imported.by }}. It names {{ data.imported.student }} as the student and
                    {{ data.imported.scorer }}, {{ data.imported.school }}, as the scorer.
                </p>
                <p v-if="data.card.on_paper" class="quiet" data-test="on-paper">
                    Scored on paper and entered afterwards: when each part was said is not known, so nothing is told of
                    order and pace.
                </p>
                <p v-if="data.card.status === 'discarded'" class="alert" role="status" data-test="discarded">
                    This walk was discarded and counts nowhere: {{ data.card.reason }}
                </p>
                <p v-if="data.card.status === 'void'" class="alert" role="status" data-test="voided">
                    This walk is void and counts nowhere: {{ data.card.reason }}
                </p>
                <VerdictHead :result="data" />
                <EarlierScoring v-if="data.earlier_scoring" :earlier="data.earlier_scoring" />
                <AmendedRecord v-if="data.original" :result="data" />
                <section>
                    <h2>First of all</h2>
                    <FirstThings :result="data" />
                </section>
                <DefectsFound :result="data" />
                <section v-if="data.lessons.length > 0">
                    <h2>What to say next time</h2>
                    <details class="all">
                        <summary>All {{ data.lessons.length }} items, by section</summary>
                        <LessonList :result="data" :sound="sound" />
                    </details>
                </section>
                <WalkSound :attempt="id" :walk-ms="data.sheet.duration_ms" :marks="momentsOf(data)" :sound="sound" />
                <section>
                    <h2>Where were the points lost?</h2>
                    <SectionScores :sections="data.sheet.sections" />
                </section>
                <section>
                    <WalkOrder :result="data" />
                </section>
                <section>
                    <ComparedAttempts :result="data" />
                </section>
                <section v-if="data.sheet.remarks.length > 0">
                    <h2>Notes</h2>
                    <p v-for="remark in data.sheet.remarks" :key="remark.mark_id">
                        <span class="numeral">{{ minutes(remark.at_ms) }}</span>
                        <strong v-if="remark.item"> {{ namesOf(data).get(remark.item) ?? remark.item }}:</strong>
                        {{ remark.text }}
                    </p>
                </section>
                <section v-if="data.sheet.look_again.length > 0">
                    <h2>Flagged for debrief</h2>
                    <p v-for="flag in data.sheet.look_again" :key="flag.mark_id">
                        <span class="numeral">{{ minutes(flag.at_ms) }}</span>
                        {{ flag.item ? (namesOf(data).get(flag.item) ?? flag.item) : 'The walk' }}
                    </p>
                </section>
                <section>
                    <details class="all" @toggle="isLineOpen = ($event.target as HTMLDetailsElement).open">
                        <summary data-test="time-line">Time line: every mark, when and by whom</summary>
                        <WalkTimeLine v-if="isLineOpen" :result="data" />
                    </details>
                </section>
                <SignedRecord v-if="data.sheet.finished" :result="data" @signed="again" />
                <ScorerAgreement :result="data" />
                <AmendForm v-if="data.may_amend" :result="data" @amended="again" />
                <SetRight v-if="data.may_set_right" :result="data" @changed="again" />
                <section v-if="mayCompare">
                    <h2>What if it were scored another way?</h2>
                    <WhatIf :attempt="id" />
                </section>
                <StateLegend />
                <p>
                    <a :href="`/api/v1/attempts/${id}/record`" download>Download record</a>
                    <PaperLinks class="beside" :path="`attempts/${id}/paper`" what="Sheet" />
                </p>
                <p class="quiet">
                    {{ data.inspection.pass_note }} {{ percent(data.sheet.permille) }} is this training record's figure,
                    not a certificate.
                </p>
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
section {
    display: grid;
    gap: var(--space-5);
    min-width: 0;
}
.beside {
    margin-left: var(--space-6);
}
.all > summary {
    min-height: 48px;
    display: flex;
    align-items: center;
    cursor: pointer;
    font-weight: 600;
    text-decoration: underline;
}
.about {
    margin-bottom: calc(-1 * var(--space-7));
}
</style>
