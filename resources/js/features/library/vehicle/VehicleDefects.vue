<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import type { Draft, VehicleDocument } from '../api';
import { useEditorWords } from '../useEditorWords';

type Defect = NonNullable<VehicleDocument['defects']>[number];
type Option = { value: string; label: string };

/* What is known to be wrong with this vehicle: picked from the parts that it has, where they are, and what can be wrong
   with them. */
const props = defineProps<{ vehicle: VehicleDocument; inspection: NonNullable<Draft['inspection']> | undefined }>();
const emit = defineEmits<{ change: [edit: (vehicle: VehicleDocument) => void] }>();
const words = useEditorWords();

const items = computed(() => props.inspection?.places.flatMap((place) => place.items) ?? []);
/** What is there stays choosable, whatever it is. */
const withOwn = (options: Option[], own: string): Option[] =>
    own === '' || options.some(({ value }) => value === own) ? options : [...options, { value: own, label: own }];
/** The parts that this vehicle has; all that are known, while it cannot be laid out. */
const parts = computed(() => {
    const had = new Map(items.value.map(({ component, name }) => [component, name]));
    return had.size === 0
        ? words.parts.map(({ id, name }) => ({ value: id, label: name }))
        : [...had].map(([value, label]) => ({ value, label }));
});

const units = computed(() => (props.inspection?.units ?? []).map(({ id, label }) => ({ value: id, label })));
const axles = computed(() =>
    (props.inspection?.units ?? []).flatMap((unit) => unit.axles.map(({ id, label }) => ({ value: id, label }))),
);
/** Where the part is: at the axles of its places, or at the units of these; in one place only there is no choice. */
function places({ component }: Defect): Option[] {
    const at = (props.inspection?.places ?? []).filter(({ items: of }) =>
        of.some((one) => one.component === component),
    );
    const ofAxles = axles.value.filter(({ value }) => at.some((place) => place.axles.includes(value)));
    return ofAxles.length > 0 ? ofAxles : units.value.filter(({ value }) => at.some(({ unit }) => unit === value));
}

/** What can be wrong with a part, by the points that are asked of it. */
function wrongs({ component, what }: Defect): Option[] {
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
/** Another part has its own places, and other things that can be wrong with it. */
function take(index: number, component: string): void {
    edit(index, (one) => {
        one.component = component;
        delete one.axle;
        delete one.unit;
        const known = wrongs({ component, what: '' });
        if (!known.some(({ value }) => value === one.what)) one.what = known[0]?.value ?? one.what;
    });
}
function put(index: number, at: string | null): void {
    edit(index, (one) => {
        delete one.axle;
        delete one.unit;
        if (at !== null) one[units.value.some(({ value }) => value === at) ? 'unit' : 'axle'] = at;
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
            @update:value="(value: string) => take(index, value)"
        />
        <NamedSelect
            clearable
            :value="one.axle ?? one.unit ?? null"
            :options="withOwn(places(one), one.axle ?? one.unit ?? '')"
            placeholder="wherever it is"
            :input-props="{ 'aria-label': `Place of defect ${index + 1}` }"
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
