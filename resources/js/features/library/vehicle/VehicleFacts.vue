<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { NButton, NInputNumber } from 'naive-ui';
import { computed } from 'vue';
import type { Draft, VehicleDocument } from '../api';
import VehicleDefects from './VehicleDefects.vue';

type Own = NonNullable<VehicleDocument['figures']>[number];

/* Where this vehicle differs from the book: its own figures, and what is known to be wrong with it. */
const props = defineProps<{ vehicle: VehicleDocument; inspection: NonNullable<Draft['inspection']> | undefined }>();
const emit = defineEmits<{ change: [edit: (vehicle: VehicleDocument) => void] }>();

const known: { value: string; label: string; component: string; point: Own['point'] }[] = [
    { value: 'test.governor/reading', label: 'Governor cut-out, psi', component: 'test.governor', point: 'reading' },
    {
        value: 'test.governor/reading/cut-in',
        label: 'Governor cut-in, psi',
        component: 'test.governor',
        point: 'reading',
    },
    { value: 'wheel.tyre/inflation', label: 'Tire pressure, psi', component: 'wheel.tyre', point: 'inflation' },
    { value: 'test.leak_applied/reading', label: 'Leak limit, psi', component: 'test.leak_applied', point: 'reading' },
    { value: 'cab.oil_gauge/reading', label: 'Oil pressure, psi', component: 'cab.oil_gauge', point: 'reading' },
    { value: 'cab.temp_gauge/reading', label: 'Coolant, °F', component: 'cab.temp_gauge', point: 'reading' },
    { value: 'cab.voltmeter/reading', label: 'Volts', component: 'cab.voltmeter', point: 'reading' },
    { value: 'engine.belts/belt_play', label: 'Belt play, in', component: 'engine.belts', point: 'belt_play' },
];
/** Those of parts that the vehicle has; all, while it cannot be laid out. */
const offered = computed(() => {
    const items = props.inspection?.places.flatMap((place) => place.items.map(({ component: of }) => of)) ?? [];
    return items.length === 0 ? known : known.filter(({ component }) => items.includes(component));
});
const keyOf = (own: Own): string => [own.component, own.point, own.test].filter((part) => part !== undefined).join('/');

const nameOf = (own: Own): string => known.find(({ value }) => value === keyOf(own))?.label ?? keyOf(own);

const own = (index: number, edit: (figure: Own) => void): void =>
    emit('change', (vehicle) => {
        const figure = vehicle.figures?.[index];
        if (figure !== undefined) edit(figure);
    });

/** Another figure in the same place; the limits stay. */
const rename = (index: number, value: string): void =>
    own(index, (figure) => {
        const [component, point, test] = value.split('/');
        delete figure.test;
        Object.assign(figure, { component, point, ...(test === undefined ? {} : { test }) });
    });

const end = (index: number, key: 'low' | 'high', value: number | null): void =>
    own(index, (figure) => {
        if (value === null) Reflect.deleteProperty(figure, key);
        else figure[key] = value;
    });
</script>

<template>
    <div class="facts">
        <h2>Its own figures</h2>
        <div v-for="(figure, index) in vehicle.figures ?? []" :key="index" class="row">
            <NamedSelect
                :value="keyOf(figure)"
                :options="
                    offered.some(({ value }) => value === keyOf(figure))
                        ? offered
                        : [...offered, { value: keyOf(figure), label: nameOf(figure) }]
                "
                :input-props="{ 'aria-label': 'Figure' }"
                @update:value="(value: string) => rename(index, value)"
            />
            <NInputNumber
                :show-button="false"
                :value="figure.low ?? null"
                clearable
                placeholder="at least"
                :input-props="{ 'aria-label': 'At least' }"
                @update:value="(value) => end(index, 'low', value)"
            />
            <NInputNumber
                :show-button="false"
                :value="figure.high ?? null"
                clearable
                placeholder="at most"
                :input-props="{ 'aria-label': 'At most' }"
                @update:value="(value) => end(index, 'high', value)"
            />
            <NButton quaternary @click="$emit('change', (one) => one.figures?.splice(index, 1))">Take away</NButton>
        </div>
        <NButton
            @click="
                $emit('change', (one) =>
                    (one.figures ??= []).push({ component: 'wheel.tyre', point: 'inflation', low: 100, high: 110 }),
                )
            "
            >Add figure</NButton
        >
        <VehicleDefects :vehicle="vehicle" :inspection="inspection" @change="(edit) => $emit('change', edit)" />
    </div>
</template>

<style scoped>
.facts {
    display: grid;
    gap: var(--space-4);
    justify-items: start;
}
h2 {
    margin-top: var(--space-5);
}
.row {
    display: grid;
    grid-template-columns: 1.4fr 1fr 1fr auto;
    gap: var(--space-3);
    width: 100%;
    align-items: center;
}
@media (max-width: 700px) {
    .row {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
