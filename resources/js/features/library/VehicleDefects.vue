<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import type { VehicleDocument } from './api';
import { useEditorWords } from './useEditorWords';

type Defect = NonNullable<VehicleDocument['defects']>[number];

/* What is known to be wrong with this vehicle: picked from its parts, its axles and what can be wrong with them. */
const props = defineProps<{ vehicle: VehicleDocument; axles: string[] }>();
const emit = defineEmits<{ change: [edit: (vehicle: VehicleDocument) => void] }>();
const words = useEditorWords();

/** As the server has laid the vehicle out: "drive-1" is its first drive axle. */
const axles = computed(() =>
    props.axles.map((id) => {
        const [group = '', number] = id.split('-');
        const name = words.axles.find(({ value }) => value === group)?.label ?? group;
        return { value: id, label: number === undefined ? name : `${name} ${number}` };
    }),
);
/** What is there stays choosable, whatever it is. */
const withOwn = (options: { value: string; label: string }[], own: string): { value: string; label: string }[] =>
    own === '' || options.some(({ value }) => value === own) ? options : [...options, { value: own, label: own }];
const parts = computed(() => words.parts.map(({ id, name }) => ({ value: id, label: name })));

/** What can be wrong with a part, by the points that are asked of it. */
function wrongs({ component, what }: Defect): { value: string; label: string }[] {
    const known = words.parts.find(({ id }) => id === component)?.component as
        { essential?: string[]; further?: string[] } | undefined;
    const codes = new Set([...(known?.essential ?? []), ...(known?.further ?? [])]);
    const faults = words.faults.filter(({ value }) => known === undefined || codes.has(value));
    return withOwn(
        faults.map(({ label }) => ({ value: label, label })),
        what,
    );
}
function edit(index: number, change: (defect: Defect) => void): void {
    emit('change', (vehicle) => {
        const one = vehicle.defects?.[index];
        if (one !== undefined) change(one);
    });
}
function put(index: number, axle: string | null): void {
    edit(index, (one) => {
        if (axle === null) delete one.axle;
        else one.axle = axle;
    });
}
function add(): void {
    emit('change', (vehicle) => {
        (vehicle.defects ??= []).push({ component: 'wheel.tyre', what: 'cut in the rubber' });
    });
}
</script>

<template>
    <h2>Known defects, planted or found</h2>
    <p class="quiet">A school's own vehicle found unsafe is out of service, lesson or not.</p>
    <div v-for="(one, index) in vehicle.defects ?? []" :key="index" class="defect">
        <NamedSelect
            filterable
            :value="one.component"
            :options="withOwn(parts, one.component)"
            :input-props="{ 'aria-label': `Part of defect ${index + 1}` }"
            @update:value="(value: string) => edit(index, (defect) => (defect.component = value))"
        />
        <NamedSelect
            clearable
            :value="one.axle ?? null"
            :options="withOwn(axles, one.axle ?? '')"
            placeholder="at no axle, or any"
            :input-props="{ 'aria-label': `Axle of defect ${index + 1}` }"
            @update:value="(value: string | null) => put(index, value)"
        />
        <NamedSelect
            filterable
            tag
            :value="one.what"
            :options="wrongs(one)"
            placeholder="What is wrong"
            :input-props="{ 'aria-label': `What is wrong, defect ${index + 1}` }"
            @update:value="(value: string) => edit(index, (defect) => (defect.what = value))"
        />
        <NButton quaternary @click="$emit('change', (each) => each.defects?.splice(index, 1))">Fixed</NButton>
    </div>
    <NButton data-test="add-defect" @click="add">Add defect</NButton>
</template>

<style scoped>
.defect {
    display: grid;
    justify-self: stretch;
    grid-template-columns: repeat(auto-fit, minmax(180px, 1fr));
    gap: var(--space-3);
    align-items: center;
}
</style>
