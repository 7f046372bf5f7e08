<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { NButton, NCheckbox, NCheckboxGroup, NInputNumber } from 'naive-ui';
import { computed } from 'vue';
import type { VehicleDocument } from '../api';
import { useEditorWords } from '../useEditorWords';
import AxleForm from './AxleForm.vue';
import { coupleBy, doorsOf, equipmentOf, lengthen, ownBodies } from './vehicleEdits';
import { choices } from './vehicleWords';

type Unit = VehicleDocument['units'][number];
type Axle = Unit['axles'][number];

/* A tractor, truck, bus, dolly or trailer with its axles; lengths are feet behind the front bumper. */
const props = defineProps<{ vehicle: VehicleDocument; index: number; title: string }>();
const emit = defineEmits<{ change: [edit: (vehicle: VehicleDocument) => void]; remove: [] }>();
const words = useEditorWords().vehicle;

const unit = computed(() => props.vehicle.units[props.index] as Unit);
const kind = computed(() => words.kinds.find(({ value }) => value === unit.value.kind));
/** What can stand here: it must drive in front, and be pulled by what is before it elsewhere. */
const kinds = computed(() => {
    const front = props.vehicle.units[props.index - 1];
    const pulled = words.kinds.find(({ value }) => value === front?.kind)?.pulls ?? [];
    return words.kinds.filter(({ value, powered }) => (front === undefined ? powered : pulled.includes(value)));
});
const of = (all: { value: string; label: string }[], values: readonly string[]): { value: string; label: string }[] =>
    all.filter(({ value }) => values.includes(value));

const edit = (change: (unit: Unit) => void): void =>
    emit('change', (vehicle) => {
        const changed = vehicle.units[props.index];
        if (changed !== undefined) change(changed);
    });
const editBody = (change: (unit: Unit) => void): void =>
    emit('change', (vehicle) => {
        ownBodies(vehicle, words);
        const changed = vehicle.units[props.index];
        if (changed !== undefined) change(changed);
    });

/** Another kind keeps what it can have of the one before. */
function become(value: Unit['kind']): void {
    const next = words.kinds.find((one) => one.value === value);
    edit((one) => {
        one.kind = value;
        if (next?.bodies.includes(one.body) !== true) one.body = next?.bodies[0] ?? 'none';
        if (next?.loaded !== true) {
            delete one.doors;
            delete one.equipment;
        }
        if (one.hitch !== undefined && next?.hitches.includes(one.hitch) !== true) delete one.hitch;
    });
}

function addAxle(): void {
    edit((one) => {
        const last = one.axles.at(-1);
        if (last !== undefined) one.axles.push({ ...last, at_ft: Math.min(one.to_ft, last.at_ft + 4.2) });
    });
}
const editAxle = (at: number, change: (axle: Axle) => void): void =>
    edit((one) => {
        const axle = one.axles[at];
        if (axle !== undefined) change(axle);
    });
</script>

<template>
    <section class="unit" :aria-label="title">
        <h2>{{ title }}</h2>
        <div class="head">
            <NamedSelect
                :value="unit.kind"
                :options="kinds"
                :input-props="{ 'aria-label': 'Kind of unit' }"
                @update:value="become"
            />
            <NamedSelect
                v-if="kind?.loaded"
                :value="unit.body"
                :options="of(words.bodies, kind.bodies)"
                data-test="body"
                :input-props="{ 'aria-label': 'Body' }"
                @update:value="(value: Unit['body']) => edit((one) => (one.body = value))"
            />
            <NamedSelect
                v-if="kind?.loaded"
                :value="doorsOf(vehicle, unit)"
                :options="choices.doors"
                :input-props="{ 'aria-label': 'Rear doors' }"
                @update:value="(value: NonNullable<Unit['doors']>) => editBody((one) => (one.doors = value))"
            />
            <NamedSelect
                v-if="kind && kind.hitches.length > 1"
                :value="unit.hitch ?? kind.hitches[0] ?? null"
                :options="of(words.hitches, kind.hitches)"
                data-test="hitch"
                :input-props="{ 'aria-label': 'Coupled by' }"
                @update:value="
                    (value: NonNullable<Unit['hitch']>) => $emit('change', (one) => coupleBy(one, index, value, words))
                "
            />
            <NamedSelect
                v-if="kind && index > 0 && kind.brakes.length > 1"
                :value="unit.brakes ?? 'air'"
                :options="of(words.brakes, kind.brakes)"
                :input-props="{ 'aria-label': 'Brakes of this unit' }"
                @update:value="(value: NonNullable<Unit['brakes']>) => edit((one) => (one.brakes = value))"
            />
            <NInputNumber
                :show-button="false"
                :value="unit.from_ft"
                :input-props="{ 'aria-label': 'Front end' }"
                @update:value="(value) => edit((one) => (one.from_ft = value ?? 0))"
                ><template #prefix>from</template><template #suffix>ft</template></NInputNumber
            >
            <NInputNumber
                :show-button="false"
                :value="unit.to_ft"
                :input-props="{ 'aria-label': 'Rear end' }"
                @update:value="(value) => $emit('change', (one) => lengthen(one, index, value ?? 0))"
                ><template #prefix>to</template><template #suffix>ft</template></NInputNumber
            >
        </div>
        <NCheckboxGroup
            v-if="kind?.loaded"
            :value="equipmentOf(vehicle, unit, words)"
            @update:value="
                (value) => editBody((one) => (one.equipment = value as NonNullable<VehicleDocument['equipment']>))
            "
        >
            <div class="head">
                <NCheckbox v-for="one in words.on_bodies" :key="one.value" :value="one.value" :label="one.label" />
            </div>
        </NCheckboxGroup>
        <AxleForm
            v-for="(one, at) in unit.axles"
            :key="at"
            :axle="one"
            :number="at + 1"
            :powered="index === 0"
            :only="unit.axles.length < 2"
            @change="(change) => editAxle(at, change)"
            @remove="edit((each) => each.axles.splice(at, 1))"
        />
        <div class="acts">
            <NButton @click="addAxle">Add axle</NButton>
            <NButton v-if="index > 0" quaternary :aria-label="`Unhitch ${title}`" @click="$emit('remove')"
                >Unhitch</NButton
            >
        </div>
    </section>
</template>

<style scoped>
.unit {
    display: grid;
    gap: var(--space-4);
    padding: var(--space-5);
    border: 2px solid var(--line);
    border-radius: var(--round-large);
}
h2 {
    margin: 0;
}
.head {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
    gap: var(--space-3);
    align-items: center;
}
</style>
