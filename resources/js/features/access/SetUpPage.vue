<script setup lang="ts">
import NewPassword from '@/shared/NewPassword.vue';
import TextField from '@/shared/TextField.vue';
import { useDoing } from '@/shared/useDoing';
import { useSession } from '@/shared/session/useSession';
import { NButton } from 'naive-ui';
import { reactive } from 'vue';
import { useRouter } from 'vue-router';
import { setUp } from './api';

/* The first thing that is ever done in a school's own Pasada. */
const router = useRouter();
const { restore } = useSession();
const { busy, why, faults, doing } = useDoing();
const told = reactive({
    code: '',
    school: '',
    state: '',
    time_zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    name: '',
    email: '',
    password: '',
});

async function begin(): Promise<void> {
    const isDone = await doing(async () => {
        await setUp({ ...told });
        await restore();
    });
    if (isDone) await router.replace('/school');
}
</script>

<template>
    <main class="page narrow">
        <header>
            <h1>Whose Pasada is this?</h1>
            <p>
                This is asked once. Afterwards you are signed in as the manager, and let in whoever works at the school.
            </p>
        </header>
        <form class="stack" @submit.prevent="begin">
            <TextField
                v-model="told.code"
                label="Code"
                hint="./pasada up --school printed it; ten letters and digits"
                :fault="faults.code"
            />
            <TextField v-model="told.school" label="Name of the school" :fault="faults.school" />
            <TextField
                v-model="told.state"
                label="State"
                hint="whose checklist and rules you score by"
                :fault="faults.state"
            />
            <TextField
                v-model="told.time_zone"
                label="Time zone"
                hint="in which your days begin and end"
                :fault="faults.time_zone"
            />
            <TextField v-model="told.name" label="Your name" autocomplete="name" :fault="faults.name" />
            <TextField
                v-model="told.email"
                label="Address to sign in with"
                type="email"
                autocomplete="username"
                :fault="faults.email"
            />
            <NewPassword v-model="told.password" :fault="faults.password" />
            <p v-if="why" class="alert" role="alert">{{ why }}</p>
            <NButton type="primary" size="large" attr-type="submit" :loading="busy">Set up the school</NButton>
        </form>
    </main>
</template>
