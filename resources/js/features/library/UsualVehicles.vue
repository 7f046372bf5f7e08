<script setup lang="ts">
import { NamedSelect } from '@/shared/NamedSelect';
import { useLoad } from '@/shared/useLoad';
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import { readUsualVehicles } from './api';

/* A vehicle of one's own begins as the usual one that is nearest to it. */
defineEmits<{ begin: [id: string] }>();
const { loaded } = useLoad(readUsualVehicles);
const vehicles = computed(() => (loaded.value.state === 'ready' ? loaded.value.data.vehicles : []));
const chosen = ref<string | null>(null);
</script>

<template>
    <span class="usual">
        <NamedSelect
            :value="chosen"
            filterable
            :options="vehicles"
            placeholder="Most like which one?"
            data-test="usual"
            :input-props="{ 'aria-label': 'A usual vehicle to begin with' }"
            @update:value="(value: string) => (chosen = value)"
        />
        <NButton
            :disabled="chosen === null"
            data-test="begin-usual"
            @click="chosen === null ? undefined : $emit('begin', chosen)"
            >New vehicle</NButton
        >
    </span>
</template>

<style scoped>
.usual {
    display: grid;
    flex: 1 1 220px;
    grid-template-columns: minmax(110px, 1fr) auto;
    gap: var(--space-3);
}
</style>
