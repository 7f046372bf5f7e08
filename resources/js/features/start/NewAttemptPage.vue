<script setup lang="ts">
import { useSession } from '@/shared/session/useSession';
import { Device } from '@/shared/outbox/Device';
import LoadState from '@/shared/LoadState.vue';
import { useLoad } from '@/shared/useLoad';
import { readChoices } from '@/shared/attempt/start';
import StartForm from './StartForm.vue';

const { user } = useSession();
const device = new Device(user.value?.id ?? 0);
const { loaded, again } = useLoad(() => device.fresh('choices', readChoices));
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <StartForm :choices="data" />
        </template>
    </LoadState>
</template>
