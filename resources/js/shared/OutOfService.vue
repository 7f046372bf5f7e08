<script setup lang="ts">
import { api, ApiProblem } from '@/shared/api/client';
import { wordsOf } from '@/shared/wordsOf';
import { NButton, NInput } from 'naive-ui';
import { ref, watch } from 'vue';

/* A manager takes a vehicle out of service, or brings it back; everybody sees why it is out. */
const props = defineProps<{ vehicle: number; reason: string | null; mayChange: boolean; proposed?: string }>();
const emit = defineEmits<{ changed: [reason: string | null] }>();
const typed = ref(props.proposed ?? '');
watch(
    () => props.proposed,
    (now) => (typed.value = now ?? ''),
);
const why = ref('');
const busy = ref(false);

async function set(reason: string | null): Promise<void> {
    busy.value = true;
    why.value = '';
    try {
        const { error, response } = await api.PUT('/library/vehicle/{vehicle}/service', {
            params: { path: { vehicle: props.vehicle } },
            body: { reason },
        });
        if (!response.ok) throw new ApiProblem(response.status, error?.detail ?? 'This could not be changed.');
        emit('changed', reason);
    } catch (error) {
        why.value = wordsOf(error);
    } finally {
        busy.value = false;
    }
}
</script>

<template>
    <div v-if="reason !== null || mayChange" class="service">
        <p v-if="reason !== null" class="alert" role="status" data-test="out-of-service">
            Out of service: {{ reason }}
        </p>
        <form v-if="mayChange && reason === null" class="acts" @submit.prevent="set(typed.trim())">
            <NInput
                v-model:value="typed"
                placeholder="What is wrong with it"
                maxlength="500"
                :input-props="{ 'aria-label': 'Why the vehicle is taken out of service' }"
            />
            <NButton attr-type="submit" :loading="busy" :disabled="typed.trim() === ''" data-test="take-out"
                >Take out of service</NButton
            >
        </form>
        <NButton v-else-if="mayChange" :loading="busy" data-test="bring-back" @click="set(null)"
            >Back in service</NButton
        >
        <p v-if="why" role="alert">{{ why }}</p>
    </div>
</template>

<style scoped>
.service {
    display: grid;
    gap: var(--space-3);
    justify-items: start;
}
.acts :deep(.n-input) {
    width: min(360px, 70vw);
}
</style>
