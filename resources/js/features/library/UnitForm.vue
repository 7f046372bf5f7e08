<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { NButton, NCheckbox, NInputNumber } from 'naive-ui';
import type { VehicleDocument } from './api';
import { bodies, choices, kinds } from './vehicleWords';

type Unit = VehicleDocument['units'][number];
type Axle = Unit['axles'][number];

/* A tractor, truck, bus or trailer with its axles; lengths are feet behind the front bumper. */
defineProps<{ unit: Unit; first: boolean }>();
const emit = defineEmits<{ change: [edit: (unit: Unit) => void]; remove: [] }>();

const axle = (index: number, edit: (axle: Axle) => void): void =>
    emit('change', (unit) => {
        const changed = unit.axles[index];
        if (changed !== undefined) edit(changed);
    });

function addAxle(): void {
    emit('change', (unit) => {
        const last = unit.axles.at(-1);
        if (last !== undefined) unit.axles.push({ ...last, at_ft: last.at_ft + 4.2 });
    });
}

const facts = ['suspension', 'brakes', 'wheels', 'hub'] as const;
</script>

<template>
    <section class="unit">
        <div class="head">
            <NamedSelect
                :value="unit.kind"
                :options="kinds.filter(({ value }) => (value === 'semitrailer') !== first)"
                :input-props="{ 'aria-label': 'Kind of unit' }"
                @update:value="(value: Unit['kind']) => $emit('change', (one) => (one.kind = value))"
            />
            <NamedSelect
                :value="unit.body"
                :options="bodies"
                data-test="body"
                :input-props="{ 'aria-label': 'Body' }"
                @update:value="(value: Unit['body']) => $emit('change', (one) => (one.body = value))"
            />
            <NInputNumber
                :show-button="false"
                :value="unit.from_ft"
                :input-props="{ 'aria-label': 'Front end' }"
                @update:value="(value) => $emit('change', (one) => (one.from_ft = value ?? 0))"
                ><template #prefix>from</template><template #suffix>ft</template></NInputNumber
            >
            <NInputNumber
                :show-button="false"
                :value="unit.to_ft"
                :input-props="{ 'aria-label': 'Rear end' }"
                @update:value="(value) => $emit('change', (one) => (one.to_ft = value ?? 0))"
                ><template #prefix>to</template><template #suffix>ft</template></NInputNumber
            >
        </div>
        <div v-for="(one, index) in unit.axles" :key="index" class="axle">
            <NamedSelect
                :value="one.group"
                :options="choices.group"
                :input-props="{ 'aria-label': `Axle ${index + 1}` }"
                @update:value="(value: Axle['group']) => axle(index, (each) => (each.group = value))"
            />
            <NInputNumber
                :show-button="false"
                :value="one.at_ft"
                :input-props="{ 'aria-label': `Axle ${index + 1} at` }"
                @update:value="(value) => axle(index, (each) => (each.at_ft = value ?? 0))"
                ><template #suffix>ft</template></NInputNumber
            >
            <NamedSelect
                v-for="fact in facts"
                :key="fact"
                :value="one[fact]"
                :options="choices[fact]"
                :input-props="{ 'aria-label': `Axle ${index + 1} ${fact}` }"
                @update:value="(value: string) => axle(index, (each) => Object.assign(each, { [fact]: value }))"
            />
            <div class="flags">
                <NCheckbox
                    :checked="one.auto_inflation ?? false"
                    @update:checked="(value) => axle(index, (each) => (each.auto_inflation = value))"
                    >tire inflation</NCheckbox
                >
                <NCheckbox
                    :checked="one.hub_meter ?? false"
                    @update:checked="(value) => axle(index, (each) => (each.hub_meter = value))"
                    >hubodometer</NCheckbox
                >
            </div>
            <NButton
                quaternary
                :disabled="unit.axles.length < 2"
                :aria-label="`Take axle ${index + 1} away`"
                @click="$emit('change', (each) => each.axles.splice(index, 1))"
                >Take away</NButton
            >
        </div>
        <div class="acts">
            <NButton @click="addAxle">Add axle</NButton>
            <NButton v-if="!first" quaternary @click="$emit('remove')">Unhitch</NButton>
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
.head,
.axle {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(128px, 1fr));
    gap: var(--space-3);
    align-items: center;
}
.axle {
    padding-top: var(--space-4);
    border-top: 1px solid var(--line);
}
.flags {
    display: grid;
    grid-column: span 2;
    grid-template-columns: auto auto;
}
</style>
