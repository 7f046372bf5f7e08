<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';
import { computed } from 'vue';
import { faultsAt } from './placeWords';

/* What is wrong with the answer beside it. */
const props = defineProps<{ faults: Schemas['FaultResource'][]; path: string[] }>();
const here = computed(() => faultsAt(props.faults, props.path));
</script>

<template>
    <p v-for="fault in here" :key="fault.message" class="fault" role="alert">{{ fault.message }}</p>
</template>

<style scoped>
.fault {
    color: var(--lost);
    font-weight: 600;
    margin: 0;
}
</style>
