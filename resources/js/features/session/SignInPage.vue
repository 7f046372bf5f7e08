<script setup lang="ts">
import { wordsOf } from '@/shared/wordsOf';
import { NButton, NForm, NFormItem, NInput } from 'naive-ui';
import { ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { ApiProblem } from '@/shared/api/client';
import { readAbout, type About } from '@/shared/session/api';
import { useSession } from '@/shared/session/useSession';

const route = useRoute();
const router = useRouter();
const { signIn } = useSession();
const email = ref('');
const password = ref('');
const why = ref('');
const busy = ref(false);
/** Asked for once address and password are right, where the account has a second factor. */
const code = ref<string>();
const about = ref<About>();
void readAbout().then(
    (read) => (about.value = read),
    () => undefined,
);

async function enter(): Promise<void> {
    busy.value = true;
    why.value = '';
    try {
        await signIn(email.value, password.value, code.value);
        const next = route.query['next'];
        await router.replace(typeof next === 'string' && next.startsWith('/') && !next.startsWith('//') ? next : '/');
    } catch (error) {
        if (error instanceof ApiProblem && error.is('second-factor')) code.value = '';
        why.value = wordsOf(error);
    } finally {
        busy.value = false;
    }
}
</script>

<template>
    <main class="gate">
        <div class="words">
            <p v-if="about?.is_demo" class="demo" role="status" data-test="demo">
                Made-up data: anybody can sign in. Keep no real record here.
            </p>
            <h1>Pasada</h1>
            <p class="lead">The walk-around, scored while it is spoken.</p>
            <p class="quiet">
                Pasada trains and records. It certifies nobody and is no legal inspection of a vehicle: your state's
                current manual and the examiner's instructions come first.
            </p>
            <p v-if="about" class="quiet" data-test="version">Version {{ about.version }}</p>
        </div>
        <NForm class="form" :show-feedback="false" @submit.prevent="enter">
            <h2>Sign in</h2>
            <p v-if="about?.needs_setup" data-test="needs-setup">
                Nothing is in it yet. <RouterLink to="/set-up">Set up your school</RouterLink> with the code that was
                printed.
            </p>
            <NFormItem label="Address" :label-props="{ for: 'email' }">
                <NInput
                    v-model:value="email"
                    :input-props="{ id: 'email', type: 'email', autocomplete: 'username', required: true }"
                    placeholder=""
                    size="large"
                />
            </NFormItem>
            <NFormItem label="Password" :label-props="{ for: 'password' }">
                <NInput
                    v-model:value="password"
                    type="password"
                    show-password-on="click"
                    :input-props="{ id: 'password', autocomplete: 'current-password', required: true }"
                    placeholder=""
                    size="large"
                />
            </NFormItem>
            <NFormItem v-if="code !== undefined" label="Code" :label-props="{ for: 'code' }">
                <NInput
                    v-model:value="code"
                    autofocus
                    :input-props="{ id: 'code', autocomplete: 'one-time-code', inputmode: 'numeric' }"
                    placeholder=""
                    size="large"
                />
            </NFormItem>
            <p v-if="why" class="alert" role="alert">{{ why }}</p>
            <NButton type="primary" size="large" attr-type="submit" :loading="busy">Sign in</NButton>
        </NForm>
    </main>
</template>

<style scoped>
.gate {
    min-height: 100vh;
    max-width: 1000px;
    margin: 0 auto;
    padding: var(--space-8);
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
    gap: var(--space-10);
    align-items: center;
}
.words {
    display: grid;
    gap: var(--space-6);
}
.words h1 {
    font-size: clamp(3.2rem, 9vw, 6rem);
    font-stretch: 118%;
    font-weight: 800;
}
.demo {
    border: 3px solid var(--part);
    border-radius: var(--round-middle);
    padding: var(--space-5) var(--space-6);
    font-weight: 700;
    color: var(--part);
}
.lead {
    font-size: var(--size-title);
}
.form {
    display: grid;
    gap: var(--space-6);
    padding: var(--space-8);
    background: var(--panel);
    border: 2px solid var(--ink);
    border-radius: var(--round-large);
}
</style>
