<script setup lang="ts">
import { readAttempt } from '@/features/scoring/api';
import LoadState from '@/shared/LoadState.vue';
import { useLoad } from '@/shared/useLoad';
import { useEventListener } from '@vueuse/core';
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import BenchLog from './BenchLog.vue';
import BenchSteps from './BenchSteps.vue';
import { benchGroups, type BenchButton } from './benchButtons';
import GaugeStep from './GaugeStep.vue';
import { useBench } from './useBench';

/* Which step is on, what did the needles do, and does it hold? */
const props = defineProps<{ id: string }>();
const router = useRouter();
const on = useBench(props.id);
const { bench, minute, primary, secondary, why } = on;
const { loaded, again } = useLoad(async () => {
    const [attempt] = await Promise.all([readAttempt(props.id), on.open()]);
    return attempt;
});
const shownVerdicts = ref(false);
const current = computed(() => bench.value?.steps.find(({ outcome }) => outcome !== 'met' && outcome !== 'broken'));
const leak = computed(() => bench.value?.steps.find(({ test }) => test.startsWith('leak')));

const shows = (button: BenchButton): boolean =>
    (button.trailer !== true || bench.value?.combination === true) &&
    (button.hand !== true || bench.value?.has_hand_valve === true);
const pressed = (button: BenchButton): boolean => button.to !== undefined && on.stateOf(button.kind) === button.to;
function press({ kind, to, gauges, value }: BenchButton): void {
    on.record({
        kind,
        ...(to === undefined ? {} : { to }),
        ...(value === undefined ? {} : { value }),
        ...(gauges === true ? on.gauges() : {}),
    });
}
const stopwatch = computed(() => {
    const ms = minute.value?.ms ?? 0;
    return `${Math.floor(ms / 60_000)}:${String(Math.floor(ms / 1000) % 60).padStart(2, '0')}.${Math.floor(ms / 100) % 10}`;
});
async function toSheet(): Promise<void> {
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
                    <p v-if="why" role="alert">{{ why }} What you saw is kept on this device.</p>
                </header>
                <p v-if="bench.steps.length === 0">
                    This checklist names no brake tests. Add them to its rules, in their order, to judge them here.
                </p>
                <div v-else class="two">
                    <section class="watch" aria-label="Stopwatch and gauges">
                        <button
                            type="button"
                            class="clock"
                            :class="{ running: minute?.running }"
                            data-test="minute"
                            @click="on.toggleMinute"
                        >
                            <span class="time">{{ stopwatch }}</span>
                            <span
                                >{{ minute?.running ? 'Stop the minute' : 'Start the minute' }}&nbsp;<kbd
                                    >space</kbd
                                ></span
                            >
                        </button>
                        <p v-if="minute && (data.mode !== 'exam' || shownVerdicts)" class="lost" data-test="lost">
                            <strong>{{ minute.lost }} psi</strong> lost<template v-if="leak?.high">
                                of {{ leak.high }} allowed</template
                            >
                        </p>
                        <GaugeStep v-model="primary" label="Primary" />
                        <GaugeStep v-model="secondary" label="Secondary" />
                        <NButton
                            size="large"
                            data-test="reading"
                            @click="on.record({ kind: 'reading', ...on.gauges() })"
                            >Take this reading&nbsp;<kbd>r</kbd></NButton
                        >
                    </section>
                    <section class="seen" aria-label="What happens">
                        <div v-for="group in benchGroups" :key="group.name" role="group" :aria-label="group.name">
                            <h2>{{ group.name }}</h2>
                            <div class="taps">
                                <button
                                    v-for="button in group.buttons.filter(shows)"
                                    :key="button.label"
                                    type="button"
                                    class="tap"
                                    :class="{ on: pressed(button) }"
                                    :aria-pressed="pressed(button)"
                                    :data-seen="`${button.kind}:${button.to ?? ''}`"
                                    @click="press(button)"
                                >
                                    {{ button.label }}
                                </button>
                            </div>
                        </div>
                    </section>
                    <section class="verdict" aria-label="How it stands">
                        <p
                            v-if="data.mode !== 'exam' || shownVerdicts"
                            class="line"
                            :class="bench.standing"
                            data-test="standing"
                        >
                            {{
                                bench.standing === 'passed'
                                    ? 'Every step is met.'
                                    : bench.standing === 'failed'
                                      ? bench.cause
                                      : `${bench.steps.filter(({ outcome }) => outcome === 'met').length} of ${bench.steps.length} steps met.`
                            }}
                        </p>
                        <BenchSteps
                            :bench="bench"
                            :silent="data.mode === 'exam' && !shownVerdicts"
                            :current="current"
                        />
                        <div class="acts">
                            <NButton data-test="undo" :disabled="on.events.value.length === 0" @click="on.undo"
                                >Undo&nbsp;<kbd>⌫</kbd></NButton
                            >
                            <NButton
                                v-if="bench.restarts < bench.restarts_allowed"
                                data-test="restart"
                                @click="on.record({ kind: 'restarted' })"
                                >Begin again ({{ bench.restarts_allowed - bench.restarts }} left)</NButton
                            >
                            <NButton v-if="data.mode === 'exam'" @click="shownVerdicts = !shownVerdicts"
                                >{{ shownVerdicts ? 'Hide' : 'Show' }} verdicts</NButton
                            >
                            <NButton type="primary" data-test="to-sheet" @click="toSheet">Onto the sheet</NButton>
                            <span class="quiet">{{ on.sent.value ? 'all kept' : 'keeping…' }}</span>
                        </div>
                        <BenchLog :events="on.events.value" @take-back="on.takeBack" />
                    </section>
                </div>
            </main>
        </template>
    </LoadState>
</template>

<style scoped src="./brakeBench.css"></style>
