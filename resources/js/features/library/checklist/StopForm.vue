<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { NButton, NInput } from 'naive-ui';
import { computed } from 'vue';
import type { ChecklistDocument } from '../api';
import { useEditorWords } from '../useEditorWords';

type Stop = ChecklistDocument['sections'][number]['stops'][number];

/* One stop of the walk: its name and where on the vehicle it is, which is where the drawing hangs it. */
const props = defineProps<{ stop: Stop; isFirst: boolean; isLast: boolean }>();
const emit = defineEmits<{ change: [edit: (stop: Stop) => void]; move: [by: number]; drop: [] }>();
const words = useEditorWords();

/** "axle:steer" and so on for the axles, which need their group. */
const places = computed(() => [
    ...words.zones.filter(({ value }) => value !== 'axle'),
    ...words.axles.map(({ value, label }) => ({ value: `axle:${value}`, label: `At the ${label}` })),
]);
const place = computed(() => (props.stop.zone === 'axle' ? `axle:${props.stop.axles ?? ''}` : props.stop.zone));

function put(value: string): void {
    const [zone, axles] = value.split(':');
    emit('change', (stop) => {
        stop.zone = zone as Stop['zone'];
        if (axles === undefined) delete stop.axles;
        else stop.axles = axles as NonNullable<Stop['axles']>;
    });
}
</script>

<template>
    <div class="stop" :data-stop="stop.id">
        <NInput
            :value="stop.name"
            :input-props="{ 'aria-label': `Name of stop ${stop.name}` }"
            @update:value="(value) => $emit('change', (one) => (one.name = value))"
        />
        <NamedSelect
            :value="place"
            :options="places"
            :input-props="{ 'aria-label': `Where ${stop.name} is` }"
            @update:value="put"
        />
        <NButton :disabled="isFirst" :aria-label="`${stop.name} earlier`" @click="$emit('move', -1)">↑</NButton>
        <NButton :disabled="isLast" :aria-label="`${stop.name} later`" @click="$emit('move', 1)">↓</NButton>
        <NButton quaternary :aria-label="`Remove ${stop.name}`" @click="$emit('drop')"
            >Remove<template v-if="stop.asks.length > 0"> ({{ stop.asks.length }})</template></NButton
        >
    </div>
</template>

<style scoped>
.stop {
    display: grid;
    grid-template-columns: minmax(120px, 1fr) minmax(150px, 1fr) 48px 48px 124px;
    gap: var(--space-3);
    align-items: center;
}
@media (max-width: 700px) {
    .stop {
        grid-template-columns: 48px 48px minmax(0, 1fr);
    }
    .stop > :nth-child(-n + 2) {
        grid-column: 1 / -1;
    }
}
</style>
