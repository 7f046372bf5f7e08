<script setup lang="ts">
import { wordsOf } from '@/shared/wordsOf';
import { NamedSelect } from '@/shared/NamedSelect';
import { NButton } from 'naive-ui';
import { computed, ref, watch } from 'vue';
import { hideFault, type AirChoices, type Drill, type Help } from './api';
import type { CabChoice } from './keptCab';

/* Which cab, which sequence, and how much it tells. */
const START_PSI = 95;
const props = defineProps<{ choices: AirChoices }>();
const emit = defineEmits<{ climb: [choice: CabChoice] }>();
const vehicle = ref(props.choices.vehicles[0]?.id ?? null);
const sequence = ref(props.choices.sequences[0]?.id ?? null);
const help = ref<Help>('guided');
const drill = ref<Drill['id'] | 'whole'>('whole');
const fault = ref('none');
const why = ref('');
const busy = ref(false);
const named = (all: { id: number; name: string }[]): { value: number; label: string }[] =>
    all.map(({ id, name }) => ({ value: id, label: name }));
const chosen = computed(() => props.choices.sequences.find(({ id }) => id === sequence.value));
const helps: { value: Help; label: string }[] = [
    { value: 'guided', label: 'Guided: each step, what it needs, how it went' },
    { value: 'alone', label: 'Alone: the steps by name, the verdict at the end' },
    { value: 'exam', label: 'As in the exam: nothing but the cab' },
];
/** What is practiced: all of the sequence, or a part that begins in the middle. */
const part = computed(() => chosen.value?.drills.find(({ id }) => id === drill.value));
watch(chosen, () => {
    if (part.value === undefined) drill.value = 'whole';
});
const parts = computed(() => [
    { value: 'whole', label: 'The whole sequence' },
    ...(chosen.value?.drills ?? []).map(({ id, name }) => ({ value: id, label: name })),
]);
const asked = computed(() => part.value ?? chosen.value);
/** Those that can be found by this practice on this vehicle. */
const found = computed(() => {
    const ids = asked.value?.shows[String(vehicle.value)] ?? [];
    return props.choices.faults.filter(({ id }) => ids.includes(id));
});
watch(found, (now) => {
    const stays = fault.value === 'none' || (fault.value === 'hidden' && now.length > 0);
    if (!stays && !now.some(({ id }) => id === fault.value)) fault.value = 'none';
});
const faults = computed(() => [
    { value: 'none', label: 'Sound' },
    ...(found.value.length === 0 ? [] : [{ value: 'hidden', label: 'Hidden defect: find it' }]),
    ...found.value.map(({ id, name }) => ({ value: id, label: `Shown: ${name}` })),
]);

async function begin(): Promise<void> {
    const of = props.choices.vehicles.find(({ id }) => id === vehicle.value);
    if (of === undefined || chosen.value === undefined) return;
    busy.value = true;
    try {
        const sealed =
            fault.value === 'none'
                ? ''
                : await hideFault({
                      vehicle_id: of.id,
                      checklist_id: chosen.value.id,
                      drill: part.value?.id ?? null,
                      ...(fault.value === 'hidden' ? {} : { fault: fault.value }),
                  });
        emit('climb', {
            vehicle: of,
            sequence: chosen.value,
            faults: sealed,
            startPsi: part.value?.start_psi ?? START_PSI,
            help: help.value,
            drill: part.value?.id ?? null,
            steps: asked.value?.steps ?? [],
            suspects: fault.value === 'hidden' ? found.value : [],
        });
    } catch (error) {
        why.value = wordsOf(error);
    } finally {
        busy.value = false;
    }
}
</script>

<template>
    <form class="form" @submit.prevent="begin">
        <p v-if="why" role="alert">{{ why }}</p>
        <label
            >Vehicle
            <NamedSelect
                v-model:value="vehicle"
                size="large"
                :options="named(choices.vehicles)"
                :input-props="{ 'aria-label': 'Vehicle' }"
        /></label>
        <label
            >Sequence of
            <NamedSelect
                v-model:value="sequence"
                size="large"
                :options="named(choices.sequences)"
                :input-props="{ 'aria-label': 'Checklist' }"
        /></label>
        <label
            >Practice
            <NamedSelect
                v-model:value="drill"
                size="large"
                :options="parts"
                :input-props="{ 'aria-label': 'Practice' }"
                data-test="drill"
            />
            <span v-if="chosen && asked" class="quiet about"
                >{{ asked.steps.join(', ') }}.
                {{ part ? 'It begins with the truck as the test before leaves it.' : '' }}
                {{
                    chosen.restarts === 0
                        ? 'No restarts.'
                        : `${chosen.restarts} ${chosen.restarts === 1 ? 'restart' : 'restarts'} allowed.`
                }}</span
            ></label
        >
        <label
            >What it tells
            <NamedSelect
                v-model:value="help"
                size="large"
                :options="helps"
                :input-props="{ 'aria-label': 'What it tells' }"
        /></label>
        <label
            >The truck is
            <NamedSelect v-model:value="fault" size="large" :options="faults" :input-props="{ 'aria-label': 'Truck' }"
        /></label>
        <NButton type="primary" size="large" data-test="climb" class="start" attr-type="submit" :loading="busy"
            >Start practice</NButton
        >
    </form>
</template>

<style scoped>
.form {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 400px), 1fr));
    align-items: start;
    gap: var(--space-6);
    max-width: 960px;
}
.form label {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: var(--space-2);
    font-weight: 700;
}
.about {
    font-weight: 400;
}
.start {
    grid-column: 1 / -1;
    justify-self: start;
    min-width: min(100%, 400px);
}
</style>
