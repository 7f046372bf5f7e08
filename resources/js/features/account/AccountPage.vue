<script setup lang="ts">
import LoadState from '@/shared/LoadState.vue';
import NewPassword from '@/shared/NewPassword.vue';
import TextField from '@/shared/TextField.vue';
import { dayAndTime, daysFrom } from '@/shared/format';
import { useDoing } from '@/shared/useDoing';
import { useLoad } from '@/shared/useLoad';
import { useSession } from '@/shared/session/useSession';
import { NButton } from 'naive-ui';
import { ref } from 'vue';
import { changePassword, endSession, readAccount } from './api';
import SecondFactor from './SecondFactor.vue';
import SigningCode from './SigningCode.vue';

/* Who can come in with my account? */
const { loaded, again } = useLoad(readAccount);
const { refresh } = useSession();
const { busy, why, faults, doing } = useDoing();
const old = ref('');
const password = ref('');
const said = ref('');

async function changed(): Promise<void> {
    await Promise.all([again(), refresh()]);
}
const change = (): Promise<boolean> =>
    doing(async () => {
        await changePassword(old.value, password.value);
        old.value = password.value = '';
        said.value = 'Your password is changed, and you are signed out everywhere else.';
        await again();
    });
const end = (id: string): Promise<boolean> =>
    doing(async () => {
        await endSession(id);
        await again();
    });
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <header>
                    <h1>Who can come in with my account?</h1>
                    <p class="quiet">
                        {{ data.name }}, {{ data.email }}.
                        {{ data.password_set_at ? `Password set ${daysFrom(data.password_set_at)}.` : '' }}
                    </p>
                </header>
                <div class="side-by-side">
                    <section>
                        <h2>Change the password</h2>
                        <form data-test="password" @submit.prevent="change">
                            <TextField
                                v-model="old"
                                label="As it is now"
                                type="password"
                                autocomplete="current-password"
                                :fault="faults.old"
                            />
                            <NewPassword v-model="password" label="New" :fault="faults.password" />
                            <NButton size="large" attr-type="submit" :loading="busy">Change it</NButton>
                        </form>
                        <p v-if="said" role="status">{{ said }}</p>
                        <p v-if="why && !faults.old && !faults.password" class="alert" role="alert">{{ why }}</p>
                    </section>
                    <SecondFactor :account="data" @changed="changed" />
                </div>
                <SigningCode />
                <section>
                    <h2>
                        Where am I signed in?
                        {{ data.sessions.length < 2 ? 'Only here' : `${data.sessions.length} places` }}
                    </h2>
                    <ul class="figure-list" data-test="sessions">
                        <li v-for="one in data.sessions" :key="one.id">
                            <span
                                ><strong>{{ one.is_this ? 'Here' : one.address }}</strong
                                >, last seen {{ dayAndTime(one.last_seen_at) }} <small>{{ one.browser }}</small></span
                            >
                            <NButton v-if="!one.is_this" :disabled="busy" @click="end(one.id)">Sign out there</NButton>
                        </li>
                    </ul>
                    <NButton v-if="data.sessions.length > 1" :disabled="busy" @click="end('others')"
                        >Sign out everywhere else</NButton
                    >
                </section>
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
section,
form {
    display: grid;
    gap: var(--space-5);
    align-content: start;
}
small {
    display: block;
    color: var(--quiet);
    overflow-wrap: anywhere;
}
</style>
