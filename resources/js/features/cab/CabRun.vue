<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import CabControls from './CabControls.vue';
import CabDash from './CabDash.vue';
import CabResult from './CabResult.vue';
import CabSpeech from './CabSpeech.vue';
import CabSteps from './CabSteps.vue';
import type { Control } from './api';
import type { KeptCab } from './keptCab';
import { useCab } from './useCab';
import { useCabKeys } from './useCabKeys';

/* One practice, from climbing in to the verdict. */
const props = defineProps<{ kept: KeptCab }>();
const emit = defineEmits<{ keep: [controls: Control[]]; judged: []; leave: [] }>();
const cab = useCab(
    props.kept,
    (controls) => emit('keep', controls),
    () => emit('judged'),
);
const { choice, guide, judged, judging, suspected, why, over, restarts } = cab;
const { pedal } = useCabKeys(cab);
const left = computed(() => choice.sequence.restarts - restarts.value);
</script>

<template>
    <p v-if="why" role="alert" class="alert">{{ why }}</p>
    <CabResult v-if="judged" :judged="judged" :choice="choice" />
    <template v-else>
        <h1 class="visually-hidden">Air cab, {{ choice.vehicle.name }}</h1>
        <p v-if="over" role="alert">Half an hour is up. Have it judged, or start over.</p>
        <div class="cab" :data-lag="cab.lag.value">
            <div class="column">
                <CabDash :cab="cab" />
                <CabSteps v-if="choice.help === 'guided' && guide" class="guide" :guide="guide" :restarts-left="left" />
                <ol v-else-if="choice.help === 'alone'" class="guide names" aria-label="The steps">
                    <li v-for="name in choice.steps ?? choice.sequence.steps" :key="name">{{ name }}</li>
                </ol>
            </div>
            <div class="column">
                <CabControls :cab="cab" :pedal="pedal" />
                <CabSpeech :cab="cab" />
            </div>
        </div>
    </template>
    <label v-if="!judged && choice.suspects.length > 0" class="suspect"
        >What is wrong with this truck?
        <NamedSelect
            v-model:value="suspected"
            placeholder="Say it before it is judged"
            :options="choice.suspects.map(({ id, name }) => ({ value: id, label: name }))"
            :input-props="{ 'aria-label': 'What is wrong with this truck?' }"
            data-test="suspect"
        />
    </label>
    <p class="acts">
        <NButton v-if="!judged" type="primary" size="large" data-test="done" :loading="judging" @click="cab.finish"
            >Done: judge it</NButton
        >
        <NButton v-if="!judged && left > 0" size="large" data-test="restart" @click="cab.touch({ kind: 'restarted' })"
            >Restart brake tests ({{ left }} left)</NButton
        >
        <NButton size="large" data-test="leave" @click="emit('leave')">{{
            judged ? 'Another practice' : 'Leave without a verdict'
        }}</NButton>
    </p>
</template>

<style scoped>
.cab {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr);
    gap: var(--space-5) var(--space-7);
    align-items: start;
}
.column {
    display: grid;
    gap: var(--space-5);
}
label.suspect {
    display: grid;
    gap: var(--space-2);
    max-width: 520px;
    font-weight: 700;
}
.names {
    margin: 0;
    padding-left: 1.4em;
}
@media (max-width: 900px) {
    .cab {
        grid-template-columns: minmax(0, 1fr);
    }
    /* One column of all: the needles stay in sight, the step at hand stands above the controls. */
    .column {
        display: contents;
    }
    .names {
        order: 1;
    }
}
</style>
