<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { NButton, NCheckbox, NInputNumber } from 'naive-ui';
import { computed } from 'vue';
import type { VehicleDocument } from '../api';
import { choices } from './vehicleWords';

type Axle = VehicleDocument['units'][number]['axles'][number];

/* One axle: where it is and what is on it. */
const props = defineProps<{ axle: Axle; number: number; powered: boolean; only: boolean }>();
defineEmits<{ change: [edit: (axle: Axle) => void]; remove: [] }>();

const facts = ['suspension', 'brakes', 'wheels', 'hub'] as const;
const groups = computed(() => choices.group.filter(({ value }) => (value === 'trailer') !== props.powered));
const flags = computed(() => [
    ...(props.axle.group === 'steer'
        ? []
        : ([
              ['lift', 'lifts'],
              ['steerable', 'steers'],
          ] as const)),
    ...([
        ['auto_inflation', 'tire inflation'],
        ['hub_meter', 'hubodometer'],
    ] as const),
]);
</script>

<template>
    <div class="axle">
        <NamedSelect
            :value="axle.group"
            :options="groups"
            :input-props="{ 'aria-label': `Axle ${number}` }"
            @update:value="(value: Axle['group']) => $emit('change', (each) => (each.group = value))"
        />
        <NInputNumber
            :show-button="false"
            :value="axle.at_ft"
            :input-props="{ 'aria-label': `Axle ${number} at` }"
            @update:value="(value) => $emit('change', (each) => (each.at_ft = value ?? 0))"
            ><template #prefix>at</template><template #suffix>ft</template></NInputNumber
        >
        <NamedSelect
            v-for="fact in facts"
            :key="fact"
            :value="axle[fact]"
            :options="choices[fact]"
            :input-props="{ 'aria-label': `Axle ${number} ${fact}` }"
            @update:value="(value: string) => $emit('change', (each) => Object.assign(each, { [fact]: value }))"
        />
        <div class="flags">
            <NCheckbox
                v-for="[key, label] in flags"
                :key="key"
                :checked="axle[key] ?? false"
                @update:checked="(value: boolean) => $emit('change', (each) => (each[key] = value))"
                >{{ label }}</NCheckbox
            >
        </div>
        <NButton quaternary :disabled="only" :aria-label="`Take axle ${number} away`" @click="$emit('remove')"
            >Take away</NButton
        >
    </div>
</template>

<style scoped>
.axle {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(128px, 1fr));
    gap: var(--space-3);
    align-items: center;
    padding-top: var(--space-4);
    border-top: 1px solid var(--line);
}
.flags {
    display: flex;
    flex-wrap: wrap;
    grid-column: span 2;
    gap: var(--space-2) var(--space-5);
}
</style>
