<script setup lang="ts">
import LoadState from '@/shared/LoadState.vue';
import NewPassword from '@/shared/NewPassword.vue';
import { useDoing } from '@/shared/useDoing';
import { useLoad } from '@/shared/useLoad';
import { useSession } from '@/shared/session/useSession';
import { NButton } from 'naive-ui';
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import { readLink, useLink } from './api';

/* Behind the link that somebody was given: the first password, or a new one. */
const props = defineProps<{ token: string }>();
const router = useRouter();
const { restore } = useSession();
const { loaded, again } = useLoad(() => readLink(props.token));
const { busy, why, faults, doing } = useDoing();
const password = ref('');

async function keep(): Promise<void> {
    const isDone = await doing(async () => {
        await useLink(props.token, password.value);
        await restore();
    });
    if (isDone) await router.replace('/');
}
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page narrow">
                <h1>Welcome to Pasada, {{ data.name }}</h1>
                <p>
                    {{ data.school }} lets you in. Choose a password; you sign in with it and
                    <strong>{{ data.email }}</strong>.
                </p>
                <form class="stack" @submit.prevent="keep">
                    <input type="text" class="visually-hidden" autocomplete="username" :value="data.email" readonly />
                    <NewPassword v-model="password" :fault="faults.password" />
                    <p v-if="why && !faults.password" class="alert" role="alert">{{ why }}</p>
                    <NButton type="primary" size="large" attr-type="submit" :loading="busy">Keep it and go in</NButton>
                </form>
            </main>
        </template>
    </LoadState>
</template>
