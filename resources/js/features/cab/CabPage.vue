<script setup lang="ts">
import { minutes } from '@/shared/format';
import LoadState from '@/shared/LoadState.vue';
import { useLoad } from '@/shared/useLoad';
import { NButton } from 'naive-ui';
import { v7 } from 'uuid';
import { shallowRef } from 'vue';
import { readAirChoices, type Control } from './api';
import CabForm from './CabForm.vue';
import CabRun from './CabRun.vue';
import { useKeptCab, type CabChoice, type KeptCab } from './keptCab';

/* Can I run the brake tests without a truck? */
const kept = useKeptCab();
/** The practice that is sat in; one begun before this page was opened waits to be asked for. */
const sat = shallowRef<KeptCab>();
const { loaded, again } = useLoad(readAirChoices);

function climb(choice: CabChoice): void {
    const begun = choice.drill == null ? [] : (choice.vehicle.begins[choice.drill] ?? []);
    sat.value = kept.value = { id: v7(), choice, began: Date.now(), controls: [...begun] };
}
function keep(controls: Control[]): void {
    if (kept.value !== null) kept.value = { ...kept.value, controls };
}
/** What is judged is in the record, and what is left was given up: neither waits on the device. */
function forget(): void {
    kept.value = null;
}
function leave(): void {
    forget();
    sat.value = undefined;
}
const age = (began: number): string => minutes(Date.now() - began);
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page cab-page">
                <CabRun v-if="sat" :key="sat.began" :kept="sat" @keep="keep" @judged="forget" @leave="leave" />
                <template v-else>
                    <header>
                        <h1>Air cab</h1>
                        <p class="quiet">
                            Practice the brake tests on a simulated air system, as often as you like. It certifies
                            nobody: the state’s manual and the examiner come first. On a real truck: chocks before
                            brakes are released, chocks out before a tug, belt on, area clear, nobody under the vehicle.
                        </p>
                    </header>
                    <section v-if="kept" class="waiting" aria-label="A practice under way">
                        <p>
                            A practice started {{ age(kept.began) }} minutes ago on {{ kept.choice.vehicle.name }} and
                            is not finished.
                        </p>
                        <NButton type="primary" size="large" data-test="go-on" @click="sat = kept">Go on</NButton>
                        <NButton size="large" data-test="drop" @click="leave">Discard</NButton>
                    </section>
                    <p v-if="data.vehicles.length === 0 || data.sequences.length === 0">
                        {{
                            data.vehicles.length === 0
                                ? 'The school has no vehicle in force; an instructor publishes one under Checklists.'
                                : 'No checklist in force lists brake tests; an instructor adds them under Checklists.'
                        }}
                    </p>
                    <CabForm v-else :choices="data" @climb="climb" />
                </template>
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
.cab-page {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: var(--space-6);
}
.waiting {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-3) var(--space-5);
    align-items: center;
    padding: var(--space-5) var(--space-6);
    border: 3px double var(--ink);
    border-radius: var(--round-large);
}
.waiting p {
    flex: 1 1 260px;
    margin: 0;
}
</style>
