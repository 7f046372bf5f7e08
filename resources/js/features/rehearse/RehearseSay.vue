<script setup lang="ts">
import VehiclePlan from '@/shared/plan/VehiclePlan.vue';
import type { Readiness } from '@/shared/progress/api';
import RecordButton from '@/shared/sound/RecordButton.vue';
import SayLine from '@/shared/speech/SayLine.vue';
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import type { ScopeChoice } from './api';
import UnsaidList from './UnsaidList.vue';
import { useRehearsal } from './useRehearsal';

/* How much of it was said, and what is missing? */
const props = defineProps<{ readiness: Readiness; student: number; scope: ScopeChoice }>();
defineEmits<{ again: []; other: [] }>();
const on = useRehearsal({
    student: props.student,
    checklist: props.readiness.checklist_id,
    vehicle: props.readiness.vehicle_id,
    inspection: props.readiness.inspection,
    scope: props.scope.scope,
});
const { told, tallies, why, last, busy, pieces, recording } = on;
void on.begin();
const isOver = ref(false);
/** The plan shows the stops of what is rehearsed, and no others. */
const rehearsed = computed(() => ({
    ...props.readiness.inspection,
    places: props.readiness.inspection.places.filter(({ id }) => tallies.value?.has(id) === true),
}));
const left = computed(() => told.value?.unsaid.length ?? props.scope.items);
const share = computed(() => Math.floor((told.value?.rehearsal.permille ?? 0) / 10));

async function finish(): Promise<void> {
    isOver.value = true;
    await recording.stop();
}
</script>

<template>
    <header>
        <h1 v-if="!isOver">{{ scope.name }}: say it</h1>
        <h1 v-else-if="left === 0">{{ scope.name }}: all of it was said</h1>
        <h1 v-else>{{ scope.name }}: {{ left }} of {{ told?.rehearsal.asked ?? scope.items }} not said whole</h1>
        <p class="numeral far" role="status" data-test="how-far">
            {{ told?.rehearsal.whole ?? 0 }} of {{ told?.rehearsal.asked ?? scope.items }} said whole, {{ share }}%
            <span v-if="busy" class="quiet">listening …</span>
        </p>
    </header>
    <template v-if="!isOver">
        <div v-if="told?.may_record" class="acts">
            <RecordButton :recording="recording" />
            <span class="quiet">Your school’s server hears it; only the words are kept.</span>
        </div>
        <p v-if="recording.why.value" role="alert" class="alert">{{ recording.why.value }}</p>
        <SayLine
            label="What you say"
            placeholder="as at the vehicle: the part, how it is fastened, how it is"
            button="That is what I say"
            @say="(text) => on.say(text)"
        />
        <p v-if="last" class="last">“{{ last }}”</p>
    </template>
    <p v-if="why" role="alert" class="alert">{{ why }}</p>
    <div class="acts">
        <NButton v-if="!isOver" type="primary" size="large" data-test="rehearsed" :disabled="!told" @click="finish"
            >What is missing?</NButton
        >
        <template v-else>
            <NButton type="primary" size="large" data-test="again" @click="$emit('again')">Say it again</NButton>
            <NButton size="large" @click="isOver = false">Go on saying</NButton>
        </template>
        <NButton size="large" @click="$emit('other')">Another part</NButton>
    </div>
    <template v-if="isOver && told">
        <p v-if="pieces.length === 0">Nothing was said yet. These are the words to say:</p>
        <UnsaidList :unsaid="told.unsaid" :readiness="readiness" :student="student" />
    </template>
    <VehiclePlan v-if="tallies" :inspection="rehearsed" :tallies="tallies" />
</template>

<style scoped>
.far {
    font-size: var(--size-title);
}
.last {
    font-size: var(--size-strong);
    min-height: 1.5em;
}
</style>
