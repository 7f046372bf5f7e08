<script setup lang="ts">
import { readAttempt } from '@/shared/attempt/api';
import SayLine from '@/shared/speech/SayLine.vue';
import LoadState from '@/shared/LoadState.vue';
import { useLoad } from '@/shared/useLoad';
import { useEventListener } from '@vueuse/core';
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import BenchFiles from './BenchFiles.vue';
import BenchLog from './BenchLog.vue';
import BenchQuestions from './BenchQuestions.vue';
import BenchSteps from '@/shared/brakes/BenchSteps.vue';
import BenchTaps from './BenchTaps.vue';
import BenchWatch from './BenchWatch.vue';
import RecordButton from '@/shared/sound/RecordButton.vue';
import { useRecording } from '@/shared/sound/useRecording';
import { useCaptions } from '@/shared/speech/useCaptions';
import { useBench } from './useBench';

/* Which step is on, what did the needles do, and does it hold? */
const props = defineProps<{ id: string }>();
const router = useRouter();
const on = useBench(props.id);
const { bench, primary, secondary, why } = on;
const { loaded, again } = useLoad(async () => {
    const attempt = await readAttempt(props.id);
    await on.open(attempt);
    return attempt;
});
const note = (text: string): void => on.record({ kind: 'spoken', text });
const words = useCaptions(note);
const isExam = (): boolean => loaded.value.state === 'ready' && loaded.value.data.mode === 'exam';
const recording = useRecording(
    { id: props.id, clock: on.clock, isHeard: () => !isExam() },
    { source: words.source, start: words.listen, stop: words.stop },
);
const saidLast = computed(() => on.events.value.findLastIndex(({ kind }) => kind === 'spoken'));
const shownVerdicts = ref(false);
/** In an examination nothing on the screen tells how it goes, unless it was asked for. */
const silent = computed(() => isExam() && !shownVerdicts.value);
const met = computed(() => bench.value?.steps.filter(({ outcome }) => outcome === 'met').length ?? 0);
const lowAir = computed(() => bench.value?.steps.find(({ test }) => test === 'low-air')?.low ?? undefined);
const leak = computed(() => bench.value?.steps.find(({ test }) => test.startsWith('leak')));

const unanswered = computed(() => bench.value?.steps.filter(({ outcome }) => outcome === 'not-judged') ?? []);
/** Asked once more before the bench is left with something unanswered. */
const asked = ref(false);
async function toSheet(): Promise<void> {
    if (unanswered.value.length > 0 && !asked.value) {
        asked.value = true;
        return;
    }
    await on.toSheet();
    await router.push({ name: 'walk', params: { id: props.id } });
}

useEventListener('keydown', (event: KeyboardEvent) => {
    if (event.target instanceof HTMLInputElement || event.ctrlKey || event.metaKey) return;
    const by = { ArrowUp: 1, ArrowDown: -1 }[event.key];
    if (by !== undefined) {
        if (event.shiftKey) secondary.value += by;
        else primary.value += by;
    } else if (event.key === ' ' && !(event.target instanceof HTMLButtonElement)) on.toggleMinute();
    else if (event.key === 'r') on.record({ kind: 'reading', ...on.gauges() });
    else if (event.key === 'Backspace') on.undo();
    else return;
    event.preventDefault();
});
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main v-if="bench" class="page bench">
                <header>
                    <h1>Brake tests, {{ data.card.student }}</h1>
                    <p class="quiet">
                        The state’s manual and the examiner come first. Chock the wheels before brakes are released,
                        take the chocks out before moving, belt on, area clear, nobody under the vehicle.
                        <RouterLink :to="{ name: 'walk', params: { id } }">Back to the walk</RouterLink>
                    </p>
                    <div v-if="data.may_record" class="acts">
                        <RecordButton :recording="recording" />
                        <span class="quiet">What is heard is noted below; take back what is misheard.</span>
                    </div>
                    <p v-if="recording.why.value" role="alert">{{ recording.why.value }}</p>
                    <p v-if="why" role="alert">{{ why }} What you saw is kept on this device.</p>
                </header>
                <p v-if="bench.steps.length === 0">
                    This checklist names no brake tests. Add them to its rules, in their order, to judge them here.
                </p>
                <div v-else class="two" :class="{ bare: !bench.has_gauges }">
                    <BenchWatch
                        v-if="bench.has_gauges"
                        :on="on"
                        :allowed="leak?.high ?? null"
                        :low-air="lowAir"
                        :silent="silent"
                    />
                    <BenchTaps :on="on" :bench="bench" />
                    <section class="verdict" aria-label="How it stands">
                        <p v-if="!silent" class="line" :class="bench.standing" data-test="standing">
                            {{
                                bench.standing === 'passed'
                                    ? 'Every step is met.'
                                    : bench.standing === 'failed'
                                      ? bench.cause
                                      : `${met} of ${bench.steps.length} steps met.`
                            }}
                        </p>
                        <BenchQuestions :on="on" :bench="bench" />
                        <BenchSteps :bench="bench" :silent="silent" />
                        <p v-if="asked && unanswered.length > 0" role="alert">
                            {{ unanswered.length === 1 ? 'One step is' : `${unanswered.length} steps are` }} not judged,
                            because a reading is missing. Enter it above, or go on without.
                        </p>
                        <div class="acts">
                            <NButton data-test="undo" :disabled="on.events.value.length === 0" @click="on.undo"
                                >Undo&nbsp;<kbd>⌫</kbd></NButton
                            >
                            <NButton
                                v-if="bench.restarts < bench.restarts_allowed"
                                data-test="restart"
                                @click="on.record({ kind: 'restarted' })"
                                >Restart brake tests ({{ bench.restarts_allowed - bench.restarts }} left)</NButton
                            >
                            <span v-else-if="bench.restarts_allowed === 0" class="quiet" data-test="no-restart"
                                >No restart under this checklist: what breaks stays broken.</span
                            >
                            <span v-else class="quiet">No restart is left.</span>
                            <NButton v-if="data.mode === 'exam'" @click="shownVerdicts = !shownVerdicts"
                                >{{ shownVerdicts ? 'Hide' : 'Show' }} verdicts</NButton
                            >
                            <NButton type="primary" data-test="to-sheet" @click="toSheet">{{
                                asked && unanswered.length > 0 ? 'Save to score sheet anyway' : 'Save to score sheet'
                            }}</NButton>
                            <span class="quiet">{{ on.sent.value ? 'all kept' : 'keeping…' }}</span>
                        </div>
                        <SayLine
                            label="What the student says"
                            placeholder="What the student says"
                            button="Note it"
                            @say="note"
                        />
                        <p v-if="saidLast >= 0" role="status" class="acts" data-test="said-last">
                            <span>Noted: “{{ on.events.value[saidLast]?.text }}”</span>
                            <NButton quaternary size="small" @click="on.takeBack(saidLast)">Take back</NButton>
                        </p>
                        <BenchLog :events="on.events.value" @take-back="on.takeBack" />
                        <BenchFiles :id="id" :on="on" />
                    </section>
                </div>
            </main>
        </template>
    </LoadState>
</template>

<style scoped src="./brakeBench.css"></style>
