<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { NButton, NCheckbox, NCheckboxGroup, NInput } from 'naive-ui';
import { computed } from 'vue';
import type { VehicleDocument } from './api';
import UnitForm from './UnitForm.vue';
import VehicleFacts from './VehicleFacts.vue';
import { choices, equipment } from './vehicleWords';
import type { OpenDraft } from './useDraft';

const props = defineProps<{ open: OpenDraft<VehicleDocument> }>();
const axles = computed(
    () => props.open.draft.value?.inspection?.units.flatMap((unit) => unit.axles.map(({ id }) => id)) ?? [],
);
const drives = [
    ['alternator', 'Alternator'],
    ['water_pump', 'Water pump'],
    ['air_compressor', 'Air compressor'],
    ['steering_pump', 'Steering pump'],
] as const;

function addTrailer(): void {
    props.open.change((vehicle) => {
        const end = Math.max(...vehicle.units.map(({ to_ft }) => to_ft));
        const axle = { suspension: 'spring', brakes: 'drum', wheels: 'dual', hub: 'hub-seal' } as const;
        vehicle.units.push({
            kind: 'semitrailer',
            body: 'van',
            from_ft: end - 6,
            to_ft: end + 36,
            axles: [
                { group: 'trailer', at_ft: end + 26, ...axle },
                { group: 'trailer', at_ft: end + 30, ...axle },
            ],
        });
    });
}
</script>

<template>
    <div v-if="open.document.value" class="vehicle">
        <div class="field">
            <label for="vehicle-name">Name</label>
            <NInput
                :value="open.document.value.name"
                :input-props="{ id: 'vehicle-name' }"
                @update:value="(value) => open.change((one) => (one.name = value))"
            />
            <label for="vehicle-about">What to know about it</label>
            <NInput
                type="textarea"
                autosize
                :value="open.document.value.description ?? ''"
                :input-props="{ id: 'vehicle-about' }"
                @update:value="
                    (value) =>
                        open.change((one) => {
                            if (value.trim() === '') delete one.description;
                            else one.description = value;
                        })
                "
            />
        </div>
        <UnitForm
            v-for="(unit, index) in open.document.value.units"
            :key="index"
            :unit="unit"
            :first="index === 0"
            @change="
                (edit) =>
                    open.change((one) => {
                        const changed = one.units[index];
                        if (changed !== undefined) edit(changed);
                    })
            "
            @remove="open.change((one) => one.units.splice(index, 1))"
        />
        <NButton v-if="open.document.value.units.length < 2" @click="addTrailer">Hitch a trailer</NButton>
        <h2>What drives what</h2>
        <div class="grid">
            <label v-for="[key, label] in drives" :key="key">
                <span>{{ label }}</span>
                <NamedSelect
                    :value="open.document.value.drives[key]"
                    :options="choices.drive"
                    @update:value="(value: 'belt' | 'gear') => open.change((one) => (one.drives[key] = value))"
                />
            </label>
            <label>
                <span>Transmission</span>
                <NamedSelect
                    :value="open.document.value.transmission"
                    :options="choices.transmission"
                    @update:value="
                        (value: VehicleDocument['transmission']) => open.change((one) => (one.transmission = value))
                    "
                />
            </label>
            <label>
                <span>Doors</span>
                <NamedSelect
                    :value="open.document.value.doors"
                    :options="choices.doors"
                    @update:value="(value: VehicleDocument['doors']) => open.change((one) => (one.doors = value))"
                />
            </label>
        </div>
        <h2>What it has</h2>
        <NCheckboxGroup
            :value="open.document.value.equipment ?? []"
            @update:value="
                (value) => open.change((one) => (one.equipment = value as NonNullable<VehicleDocument['equipment']>))
            "
        >
            <div class="grid">
                <NCheckbox v-for="(label, key) in equipment" :key="key" :value="key" :label="label" />
            </div>
        </NCheckboxGroup>
        <VehicleFacts :vehicle="open.document.value" :axles="axles" @change="open.change" />
    </div>
</template>

<style scoped>
.vehicle,
.field {
    display: grid;
    gap: var(--space-5);
    justify-items: stretch;
}
.field {
    gap: var(--space-2);
}
h2 {
    margin-top: var(--space-5);
}
label,
label span {
    font-weight: 600;
}
.grid {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
    gap: var(--space-5) var(--space-6);
}
</style>
