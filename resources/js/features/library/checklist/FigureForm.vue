<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { NButton, NInput, NInputNumber } from 'naive-ui';
import { computed } from 'vue';
import type { ChecklistDocument } from '../api';
import { useEditorWords } from '../useEditorWords';

type Figure = NonNullable<ChecklistDocument['figures']>[number];
type Ends = 'low' | 'high' | 'accepted_low' | 'accepted_high';

/* One figure: of which point and parts, its limits, what is accepted when it is said, and where it comes from. */
const props = defineProps<{ figure: Figure; document: ChecklistDocument }>();
const emit = defineEmits<{ change: [edit: (figure: Figure) => void]; drop: [] }>();
const words = useEditorWords();
const ends: { key: Ends; label: string }[] = [
    { key: 'low', label: 'at least' },
    { key: 'high', label: 'at most' },
    { key: 'accepted_low', label: 'accepted from' },
    { key: 'accepted_high', label: 'accepted to' },
];
/** Parts of which that point is asked, and those that the figure names already. */
const parts = computed(() =>
    props.document.components
        .filter(
            ({ id, essential, further }) =>
                [...(essential ?? []), ...(further ?? [])].includes(props.figure.point) ||
                props.figure.components?.includes(id),
        )
        .map(({ id, name }) => ({ value: id, label: name })),
);

function set(key: Ends, value: number | null): void {
    emit('change', (figure) => {
        if (value === null) Reflect.deleteProperty(figure, key);
        else figure[key] = value;
    });
}
function limit(key: 'components' | 'axles', values: string[]): void {
    emit('change', (figure) => {
        if (values.length === 0) Reflect.deleteProperty(figure, key);
        else Object.assign(figure, { [key]: values });
    });
}
</script>

<template>
    <section :data-figure="figure.id">
        <div class="head">
            <h3>{{ words.point(figure.point) }}</h3>
            <NButton quaternary :aria-label="`Remove the figure ${figure.id}`" @click="$emit('drop')">Remove</NButton>
        </div>
        <div class="of">
            <NamedSelect
                multiple
                filterable
                :value="figure.components ?? []"
                :options="parts"
                placeholder="of every part"
                :input-props="{ 'aria-label': `${figure.id}: of which parts` }"
                @update:value="(values: string[]) => limit('components', values)"
            />
            <NamedSelect
                multiple
                :value="figure.axles ?? []"
                :options="words.axles"
                placeholder="at every axle"
                :input-props="{ 'aria-label': `${figure.id}: at which axles` }"
                @update:value="(values: string[]) => limit('axles', values)"
            />
        </div>
        <div class="ends">
            <label v-for="end in ends" :key="end.key">
                <span>{{ end.label }}</span>
                <NInputNumber
                    :show-button="false"
                    :value="figure[end.key] ?? null"
                    clearable
                    placeholder="none"
                    :input-props="{ 'aria-label': `${figure.id} ${end.label}` }"
                    @update:value="(value) => set(end.key, value)"
                >
                    <template #suffix>{{ figure.unit }}</template>
                </NInputNumber>
            </label>
        </div>
        <NInput
            :value="figure.source"
            placeholder="Where it comes from"
            :input-props="{ 'aria-label': `${figure.id} source` }"
            @update:value="(value) => $emit('change', (one) => (one.source = value))"
        />
        <NInput
            :value="figure.note ?? ''"
            placeholder="Note"
            :input-props="{ 'aria-label': `${figure.id} note` }"
            @update:value="
                (value) =>
                    $emit('change', (one) => {
                        if (value.trim() === '') delete one.note;
                        else one.note = value;
                    })
            "
        />
    </section>
</template>

<style scoped>
section {
    display: grid;
    gap: var(--space-3);
    padding-bottom: var(--space-6);
    border-bottom: 1px solid var(--line);
}
.head {
    display: flex;
    justify-content: space-between;
    align-items: center;
}
h3 {
    font-size: var(--size-strong);
}
.of {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
    gap: var(--space-3) var(--space-5);
}
.ends {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
    gap: var(--space-3) var(--space-5);
}
.ends span {
    font-size: var(--size-small);
}
</style>
