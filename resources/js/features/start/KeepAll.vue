<script setup lang="ts">
import { wordsOf } from '@/shared/wordsOf';
import type { Schemas } from '@/shared/api/client';
import type { Device } from '@/shared/outbox/Device';
import { NButton } from 'naive-ui';
import { ref } from 'vue';
import { keyOfPrepared, prepareWalk } from '@/shared/attempt/start';

/* For a yard without network: every vehicle under this checklist, with each of its forms, kept on this device. */
const props = defineProps<{
    choices: Schemas['ChoicesResource'];
    checklist: number;
    forms: Schemas['FormResource'][];
    device: Device;
}>();
const said = ref('');
const busy = ref(false);

async function keepAll(): Promise<void> {
    busy.value = true;
    let done = 0;
    try {
        for (const { id } of props.choices.vehicles) {
            for (const form of [undefined, ...props.forms.map((one) => one.id)]) {
                const key = keyOfPrepared(id, props.checklist, form);
                await props.device.fresh(key, () => prepareWalk(id, props.checklist, form));
            }
            said.value = `${++done} of ${props.choices.vehicles.length} vehicles are on this device`;
        }
    } catch (error) {
        said.value = wordsOf(error);
    } finally {
        busy.value = false;
    }
}
</script>

<template>
    <NButton size="large" :loading="busy" data-test="keep-all" @click="keepAll">Save for offline use</NButton>
    <span v-if="said" role="status" class="quiet">{{ said }}</span>
</template>
