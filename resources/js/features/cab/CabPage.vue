<script setup lang="ts">
import { readChoices } from '@/features/start/api';
import LoadState from '@/shared/LoadState.vue';
import { useLoad } from '@/shared/useLoad';
import { NButton, NSelect } from 'naive-ui';
import { ref, shallowRef } from 'vue';
import { hideFault } from './api';
import CabRun from './CabRun.vue';
import type { CabChoice } from './useCab';

/* Can I run the brake tests without a truck? */
const vehicle = ref<number>();
const checklist = ref<number>();
const help = ref<'guided' | 'alone'>('guided');
const fault = ref<'none' | 'hidden'>('none');
const running = shallowRef<CabChoice>();
const why = ref('');
const { loaded, again } = useLoad(async () => {
    const choices = await readChoices();
    vehicle.value = choices.vehicles[0]?.id;
    checklist.value = choices.checklists[0]?.id;
    return choices;
});
const options = (all: { id: number; name: string }[]): { value: number; label: string }[] =>
    all.map(({ id, name }) => ({ value: id, label: name }));

async function begin(): Promise<void> {
    if (vehicle.value === undefined || checklist.value === undefined) return;
    try {
        running.value = {
            vehicle_id: vehicle.value,
            checklist_id: checklist.value,
            faults: fault.value === 'hidden' ? await hideFault() : '',
            start_psi: 95,
            guided: help.value === 'guided',
        };
        why.value = '';
    } catch (error) {
        why.value = error instanceof Error ? error.message : String(error);
    }
}
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <header>
                    <h1>Air cab</h1>
                    <p class="quiet">
                        A simulated air system to practise the brake tests on. It certifies nobody; the state’s manual
                        and the examiner come first, and a real truck is chocked, belted and clear before any of this.
                    </p>
                    <p v-if="why" role="alert">{{ why }}</p>
                </header>
                <form v-if="!running" class="form" @submit.prevent="begin">
                    <label
                        >Vehicle
                        <NSelect
                            v-model:value="vehicle"
                            size="large"
                            :options="options(data.vehicles)"
                            :input-props="{ 'aria-label': 'Vehicle' }"
                    /></label>
                    <label
                        >Sequence of
                        <NSelect
                            v-model:value="checklist"
                            size="large"
                            :options="options(data.checklists)"
                            :input-props="{ 'aria-label': 'Checklist' }"
                    /></label>
                    <label
                        >Help
                        <NSelect
                            v-model:value="help"
                            size="large"
                            :options="[
                                { value: 'guided', label: 'Guided: the step and what it needs' },
                                { value: 'alone', label: 'Alone, as in the exam' },
                            ]"
                            :input-props="{ 'aria-label': 'Help' }"
                    /></label>
                    <label
                        >Truck
                        <NSelect
                            v-model:value="fault"
                            size="large"
                            :options="[
                                { value: 'none', label: 'Sound' },
                                { value: 'hidden', label: 'Something is wrong with it: find it' },
                            ]"
                            :input-props="{ 'aria-label': 'Truck' }"
                    /></label>
                    <NButton type="primary" size="large" data-test="climb" attr-type="submit">Climb in</NButton>
                </form>
                <CabRun v-else :key="JSON.stringify(running)" :choice="running" @leave="running = undefined" />
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
.form {
    display: grid;
    gap: 16px;
    max-width: 560px;
}
.form label {
    display: grid;
    gap: 6px;
    font-weight: 700;
}
</style>
