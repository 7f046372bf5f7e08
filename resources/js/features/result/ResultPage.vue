<script setup lang="ts">
import { useSession } from '@/shared/session/useSession';
import { day, dayAndTime, minutes, percent } from '@/shared/format';
import StateLegend from '@/shared/glyphs/StateLegend.vue';
import LoadState from '@/shared/LoadState.vue';
import { useLoad } from '@/shared/useLoad';
import { computed } from 'vue';
import { readResult } from './api';
import AmendedRecord from './AmendedRecord.vue';
import AmendForm from './AmendForm.vue';
import ComparedAttempts from './ComparedAttempts.vue';
import EarlierScoring from './EarlierScoring.vue';
import LessonList from './LessonList.vue';
import ScorerAgreement from './ScorerAgreement.vue';
import SectionScores from './SectionScores.vue';
import SignedRecord from './SignedRecord.vue';
import VerdictHead from './VerdictHead.vue';
import WalkOrder from './WalkOrder.vue';
import WhatIf from './WhatIf.vue';

const props = defineProps<{ id: string }>();
const { loaded, again } = useLoad(() => readResult(props.id));
const { user } = useSession();
const mayCompare = computed(() => user.value?.sees_all_students === true);
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <p class="about quiet">
                    <RouterLink :to="{ name: 'student', params: { id: data.card.student_id } }">{{
                        data.card.student
                    }}</RouterLink>, {{ day(data.card.started_at) }}, {{ data.card.vehicle }}. Scored by
                    {{ data.card.scorer }} under “{{ data.card.checklist }}”{{
                        data.inspection.form ? `, ${data.inspection.form}` : ''
                    }}; {{ minutes(data.sheet.duration_ms) }} in all.
                </p>
                <p v-if="data.imported" class="quiet" data-test="imported">
                    Not recorded here: taken in from a file on {{ dayAndTime(data.imported.at) }} by
                    {{ data.imported.by }}. It names {{ data.imported.student }} as the student and
                    {{ data.imported.scorer }}, {{ data.imported.school }}, as the scorer.
                </p>
                <VerdictHead :result="data" />
                <EarlierScoring v-if="data.earlier_scoring" :earlier="data.earlier_scoring" />
                <AmendedRecord v-if="data.original" :result="data" />
                <section>
                    <h2>What to say next time</h2>
                    <LessonList :result="data" />
                </section>
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
                        <span class="numeral">{{ minutes(remark.at_ms) }}</span> {{ remark.text }}
                    </p>
                </section>
                <SignedRecord v-if="data.sheet.finished" :result="data" @signed="again" />
                <ScorerAgreement :result="data" />
                <AmendForm v-if="data.may_amend" :result="data" @amended="again" />
                <section v-if="mayCompare">
                    <h2>What if it were scored another way?</h2>
                    <WhatIf :attempt="id" />
                </section>
                <StateLegend />
                <p><a :href="`/api/v1/attempts/${id}/record`" download>Download record</a></p>
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
.about {
    margin-bottom: calc(-1 * var(--space-7));
}
</style>
