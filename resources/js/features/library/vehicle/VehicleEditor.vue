<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { NButton, NCheckbox, NCheckboxGroup, NInput } from 'naive-ui';
import { computed } from 'vue';
import type { VehicleDocument } from '../api';
import type { OpenDraft } from '../useDraft';
import { useEditorWords } from '../useEditorWords';
import UnitForm from './UnitForm.vue';
import VehicleFacts from './VehicleFacts.vue';
import { hitch, unhitch } from './vehicleEdits';
import { choices } from './vehicleWords';

/* Everything that a vehicle is, from front to back; the drawing above follows. */
const props = defineProps<{ open: OpenDraft<VehicleDocument> }>();
const words = useEditorWords().vehicle;

/** Whatever is changed can be said in today's format only. */
const change = (edit: (vehicle: VehicleDocument) => void): void =>
    props.open.change((vehicle) => {
        vehicle.format = 'pasada-vehicle/2';
        edit(vehicle);
    });
const inspection = computed(() => props.open.draft.value?.inspection ?? undefined);
const titleOf = (index: number): string => {
    const label = inspection.value?.units[index]?.label ?? `unit ${index + 1}`;
    return label.charAt(0).toUpperCase() + label.slice(1);
};
const hasAir = computed(() => words.with_air.includes(props.open.document.value?.brakes ?? 'air'));
/** What can be hitched behind the last unit. */
const additions = computed(() => {
    const last = props.open.document.value?.units.at(-1)?.kind;
    const all = words.kinds.find(({ value }) => value === last)?.additions ?? [];
    return all.filter(({ needs_air }) => hasAir.value || !needs_air);
});
const drives = computed(() => [
    ['alternator', 'Alternator'] as const,
    ['water_pump', 'Water pump'] as const,
    ...(hasAir.value ? [['air_compressor', 'Air compressor'] as const] : []),
    ['steering_pump', 'Steering pump'] as const,
]);
const systems = computed(() => {
    const kind = words.kinds.find(({ value }) => value === props.open.document.value?.units[0]?.kind);
    return words.brakes.filter(({ value }) => (kind?.brakes as string[] | undefined)?.includes(value));
});
</script>

<template>
    <div v-if="open.document.value" class="vehicle">
        <div class="field">
            <label for="vehicle-name">Name</label>
            <NInput
                :value="open.document.value.name"
                :input-props="{ id: 'vehicle-name' }"
                @update:value="(value) => change((one) => (one.name = value))"
            />
            <label for="vehicle-about">What to know about it</label>
            <NInput
                type="textarea"
                autosize
                :value="open.document.value.description ?? ''"
                :input-props="{ id: 'vehicle-about' }"
                @update:value="
                    (value) =>
                        change((one) => {
                            if (value.trim() === '') delete one.description;
                            else one.description = value;
                        })
                "
            />
        </div>
        <UnitForm
            v-for="(unit, index) in open.document.value.units"
            :key="index"
            :vehicle="open.document.value"
            :index="index"
            :title="titleOf(index)"
            @change="change"
            @remove="change((one) => unhitch(one, index, words))"
        />
        <div class="acts">
            <NButton
                v-for="add in additions"
                :key="add.label"
                @click="change((one) => hitch(one, add.units as unknown as VehicleDocument['units'], words))"
                >{{ add.label }}</NButton
            >
        </div>
        <h2>Brakes and drives</h2>
        <div class="grid">
            <label v-for="[key, label] in drives" :key="key">
                <span>{{ label }}</span>
                <NamedSelect
                    :value="open.document.value.drives[key]"
                    :options="choices.drive"
                    @update:value="(value: 'belt' | 'gear') => change((one) => (one.drives[key] = value))"
                />
            </label>
            <label>
                <span>Transmission</span>
                <NamedSelect
                    :value="open.document.value.transmission"
                    :options="choices.transmission"
                    @update:value="
                        (value: VehicleDocument['transmission']) => change((one) => (one.transmission = value))
                    "
                />
            </label>
            <label>
                <span>Brakes</span>
                <NamedSelect
                    :value="open.document.value.brakes ?? 'air'"
                    :options="systems"
                    data-test="system"
                    @update:value="
                        (value: NonNullable<VehicleDocument['brakes']>) => change((one) => (one.brakes = value))
                    "
                />
            </label>
        </div>
        <h2>What it has</h2>
        <NCheckboxGroup
            :value="open.document.value.equipment ?? []"
            @update:value="
                (value) => change((one) => (one.equipment = value as NonNullable<VehicleDocument['equipment']>))
            "
        >
            <div class="grid">
                <NCheckbox v-for="one in words.on_cab" :key="one.value" :value="one.value" :label="one.label" />
            </div>
        </NCheckboxGroup>
        <VehicleFacts :vehicle="open.document.value" :inspection="inspection" @change="change" />
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
