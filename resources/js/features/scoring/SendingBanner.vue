<script setup lang="ts">
import { useSession } from '@/shared/session/useSession';
import { NButton } from 'naive-ui';
import { useIntervalFn } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useOtherTab } from './useOtherTab';
import { useRouter } from 'vue-router';
import { sendingTrouble } from './sendingTrouble';
import type { OpenAttempt } from '@/shared/attempt/useAttempt';

/* Says what is wrong with sending, and what to do; nothing while all is well. */
const props = defineProps<{ walk: OpenAttempt }>();
const router = useRouter();
const { expire } = useSession();
const elsewhere = useOtherTab(props.walk.id);

const jumped = ref(0);
useIntervalFn(() => (jumped.value = props.walk.clock.jumpedMinutes()), 2000);

const trouble = computed(() => sendingTrouble(props.walk.sending.value, jumped.value, elsewhere.value));

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
    gap: var(--space-3) var(--space-6);
    align-items: center;
    padding: var(--space-3) var(--space-6);
    background: var(--sunken);
    border-bottom: 2px solid var(--part);
}
</style>
