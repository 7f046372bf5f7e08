<script setup lang="ts">
import TapButton from '@/shared/TapButton.vue';
import { useSession } from '@/shared/session/useSession';
import { computed, ref } from 'vue';
import type { Week } from './api';
import SlotForm from './SlotForm.vue';
import { useWeek } from './useWeek';
import WeekGrid from './WeekGrid.vue';
import WhoIsThere from './WhoIsThere.vue';

const props = defineProps<{ read: Week }>();
const { user } = useSession();
const { week, isProposal, closed, away, standing, isBusy, why, canUndo, propose, keep, undo, set, clear, turn } =
    useWeek(props.read);
const chosen = ref<{ slot: string; vehicle: number }>();
const mayPlan = computed(() => user.value?.may_change_documents === true);
const gained = computed(() => (week.value.planned - week.value.without).toFixed(2));
/** What was refused stays open, with what was chosen. */
async function done(what: Promise<void>): Promise<void> {
    await what;
    if (why.value === '') chosen.value = undefined;
}
// The page's own command: the browser prints.
const print = (): void => window.print();
</script>

<template>
    <header class="head">
        <h1>
            Who walks when?
            {{
                week.walks.length === 0
                    ? 'Nothing is planned'
                    : `${week.walks.length} walks, +${gained} expected passes`
            }}
        </h1>
        <p>
            {{ week.planned.toFixed(2) }} of {{ week.students.length }} students would pass by this plan,
            {{ week.without.toFixed(2) }} if nobody walked<template v-if="week.first_come !== null"
                >, {{ week.first_come.toFixed(2) }} first come first served</template
            >. Each walk counts as ten parts practiced, of which half stays.
        </p>
        <div v-if="mayPlan" class="acts no-print">
            <TapButton data-test="propose" :disabled="isBusy" @click="propose">Propose the week</TapButton>
            <TapButton v-if="isProposal" on data-test="keep-week" :disabled="isBusy" @click="keep">
                Keep this proposal
            </TapButton>
            <TapButton v-if="canUndo" :disabled="isBusy" @click="undo">{{
                isProposal ? 'Drop the proposal' : 'Undo'
            }}</TapButton>
            <TapButton @click="print">Print</TapButton>
            <span v-if="isBusy" role="status">Working …</span>
        </div>
        <p v-if="isProposal" role="status"><strong>A proposal: nothing of it is kept yet.</strong></p>
        <p v-if="why" role="alert" class="alert">{{ why }}</p>
    </header>
    <WhoIsThere
        v-if="mayPlan"
        class="no-print"
        :week="week"
        :away="away"
        :standing="standing"
        @turn="(of, id) => turn(of, id)"
    />
    <SlotForm
        v-if="chosen && mayPlan"
        :key="`${chosen.slot} ${chosen.vehicle}`"
        class="no-print"
        :week="week"
        :slot-id="chosen.slot"
        :vehicle="chosen.vehicle"
        :is-busy="isBusy"
        @set="(walk, had) => done(set(walk, had))"
        @clear="(walk) => done(clear(walk))"
        @done="chosen = undefined"
    />
    <WeekGrid
        :week="week"
        :closed="closed"
        :chosen="chosen"
        :may-plan="mayPlan"
        @close="(slot) => turn('closed', slot)"
        @choose="(slot, vehicle) => (chosen = { slot, vehicle })"
    />
    <section v-if="week.unplaced.length > 0">
        <h2>Who is not placed, and why?</h2>
        <ul>
            <li v-for="one in week.unplaced" :key="one.id">{{ one.name }}: {{ one.note }}</li>
        </ul>
    </section>
</template>

<style scoped>
.head {
    display: grid;
    gap: var(--space-4);
}
</style>
