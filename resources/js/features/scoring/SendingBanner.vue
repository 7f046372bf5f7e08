<script setup lang="ts">
import { useSession } from '@/features/session/useSession';
import { NButton } from 'naive-ui';
import { useIntervalFn } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useOtherTab } from './useOtherTab';
import { useRouter } from 'vue-router';
import type { OpenAttempt } from './useAttempt';

/* Says what is wrong with sending, and what to do; nothing while all is well. */
const props = defineProps<{ walk: OpenAttempt }>();
const router = useRouter();
const { expire } = useSession();
const elsewhere = useOtherTab(props.walk.id);

const jumped = ref(0);
useIntervalFn(() => (jumped.value = props.walk.clock.jumpedMinutes()), 2000);

const trouble = computed(() => {
    const sending = props.walk.sending.value;
    switch (sending.state) {
        case 'kept':
            return {
                text: 'The server does not answer. Go on marking: everything is kept on this device and sent when it is back.',
                act: 'Try now',
            };
        case 'signed_out':
            return {
                text: 'You were signed out. Go on marking, or sign in again to send what is kept.',
                act: 'Sign in',
            };
        case 'refused':
            return {
                text: `The server does not take these marks: ${sending.why} They stay on this device.`,
                act: 'Try again',
            };
        case 'unkept':
            return {
                text: `This device cannot keep marks (${sending.why}). Free some storage, or go on with paper for now.`,
                act: 'Try again',
            };
        default:
            break;
    }
    if (jumped.value !== 0)
        return {
            text: `The clock of this device was moved by ${Math.abs(jumped.value)} minutes. The time of the walk runs on as before; set the device right before the next one.`,
            act: undefined,
        };
    if (elsewhere.value)
        return {
            text: 'This walk is open in another tab of this device, too. Both show the same marks; close one to keep clear of double taps.',
            act: undefined,
        };
    return undefined;
});

function act(): void {
    if (props.walk.sending.value.state === 'signed_out') {
        expire();
        void router.push({ name: 'sign-in', query: { next: router.currentRoute.value.fullPath } });
    } else {
        props.walk.retry();
    }
}
</script>

<template>
    <div v-if="trouble" class="banner" role="alert">
        <p>{{ trouble.text }}</p>
        <NButton v-if="trouble.act" size="small" @click="act">{{ trouble.act }}</NButton>
    </div>
</template>

<style scoped>
.banner {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
    align-items: center;
    padding: 8px 16px;
    background: var(--sunken);
    border-bottom: 2px solid var(--part);
}
</style>
