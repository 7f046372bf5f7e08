<script setup lang="ts">
import { useSession } from '@/features/session/useSession';
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import type { OpenAttempt } from './useAttempt';

/* Says what is wrong with sending, and what to do; nothing while all is well. */
const props = defineProps<{ walk: OpenAttempt }>();
const router = useRouter();
const { expire } = useSession();

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
            return undefined;
    }
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
        <NButton size="small" @click="act">{{ trouble.act }}</NButton>
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
