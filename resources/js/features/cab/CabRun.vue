<script setup lang="ts">
import BenchSteps from '@/features/brakes/BenchSteps.vue';
import { minutes } from '@/shared/format';
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import CabControls from './CabControls.vue';
import CabResult from './CabResult.vue';
import NeedleGauge from './NeedleGauge.vue';
import { useCab, type CabChoice } from './useCab';

/* One practice, from climbing in to the verdict. */
const props = defineProps<{ choice: CabChoice }>();
const emit = defineEmits<{ leave: [] }>();
const cab = useCab(props.choice);
const { course, gauges, guide, judged, why, minute, now } = cab;
const current = computed(() => guide.value?.steps.find(({ outcome }) => outcome !== 'met' && outcome !== 'broken'));
const elapsed = computed(() => (minute.value === undefined ? 0 : now.value - minute.value));
const toggle = (): void => cab.touch({ kind: minute.value === undefined ? 'minute-started' : 'minute-ended' });
</script>

<template>
    <p v-if="why" role="alert">{{ why }}</p>
    <CabResult v-if="judged" :judged="judged" />
    <div v-else class="cab">
        <section class="dash" aria-label="Gauges">
            <NeedleGauge label="primary" :psi="gauges.primary" />
            <NeedleGauge label="secondary" :psi="gauges.secondary" />
            <p class="warn" :class="{ on: gauges.warning }" role="status" data-test="warning">
                {{ gauges.warning ? 'LOW AIR' : 'no warning' }}
            </p>
            <button type="button" class="watch" :class="{ on: minute !== undefined }" data-test="watch" @click="toggle">
                <strong class="numeral">{{ minutes(elapsed) }}</strong>
                {{ minute === undefined ? 'Start the stopwatch' : 'Stop' }}
            </button>
        </section>
        <CabControls :cab="cab" :combination="course.combination" :hand-valve="course.has_hand_valve" />
        <section v-if="choice.guided && guide" class="guide" aria-label="The steps">
            <BenchSteps :bench="{ steps: guide.steps }" :silent="false" :current="current" />
        </section>
    </div>
    <p class="acts">
        <NButton v-if="!judged" type="primary" size="large" data-test="done" @click="cab.finish"
            >I am done: judge it</NButton
        >
        <NButton size="large" @click="emit('leave')">{{ judged ? 'Again' : 'Leave the cab' }}</NButton>
    </p>
</template>

<style scoped>
.cab {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.4fr);
    gap: 20px;
    align-items: start;
}
.dash {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 8px;
    padding: 14px;
    background: var(--sunken);
    border-radius: 16px;
}
.warn {
    text-align: center;
    padding: 12px;
    border: 3px solid var(--line);
    border-radius: 10px;
    align-self: center;
}
.warn.on {
    border: 4px dashed var(--lost);
    color: var(--lost);
    font-weight: 700;
}
.watch {
    min-height: 64px;
    border: 3px solid var(--ink);
    border-radius: 12px;
    background: var(--panel);
    cursor: pointer;
}
.watch strong {
    display: block;
    font-size: 1.6rem;
}
.watch.on {
    background: var(--ink);
    color: var(--paper);
}
.guide {
    grid-column: 1 / -1;
}
.acts {
    display: flex;
    gap: 10px;
}
@media (max-width: 900px) {
    .cab {
        grid-template-columns: 1fr;
    }
}
</style>
