<script setup lang="ts">
import TextField from '@/shared/TextField.vue';
import { useDoing } from '@/shared/useDoing';
import { NButton } from 'naive-ui';
import qrcode from 'qrcode-generator';
import { computed, ref } from 'vue';
import { beginSecondFactor, confirmSecondFactor, endSecondFactor, type Account } from './api';

/* A code of an authenticator beside the password. */
defineProps<{ account: Account }>();
const emit = defineEmits<{ changed: [] }>();
const { busy, why, faults, doing } = useDoing();
const old = ref('');
const code = ref('');
const secret = ref<string>();
const uri = ref<string>();
const written = ref<string[]>([]);

const picture = computed(() => {
    if (uri.value === undefined) return '';
    const made = qrcode(0, 'M');
    made.addData(uri.value);
    made.make();
    return made.createDataURL(5, 12);
});
const begin = (): Promise<boolean> =>
    doing(async () => {
        const made = await beginSecondFactor(old.value);
        secret.value = made.secret ?? undefined;
        uri.value = made.uri ?? undefined;
        old.value = '';
    });
const confirm = (): Promise<boolean> =>
    doing(async () => {
        written.value = (await confirmSecondFactor(code.value)).recovery_codes;
        secret.value = uri.value = undefined;
        code.value = '';
        emit('changed');
    });
const end = (): Promise<boolean> =>
    doing(async () => {
        await endSecondFactor(old.value);
        old.value = '';
        written.value = [];
        emit('changed');
    });
const print = (): void => window.print();
</script>

<template>
    <section data-test="second-factor">
        <h2>
            Does a password alone open this account?
            {{ account.has_second_factor ? 'No, a code is asked for as well' : 'Yes' }}
        </h2>
        <p v-if="account.must_have_second_factor && !account.has_second_factor" class="alert">
            Your school asks for a second factor. Set it up here; until then nothing else opens.
        </p>
        <div v-if="written.length > 0" role="status" class="codes">
            <h3>Write these down. Each serves once, where the authenticator is lost.</h3>
            <ul>
                <li v-for="one in written" :key="one">{{ one }}</li>
            </ul>
            <NButton class="no-print" @click="print">Print them</NButton>
        </div>
        <form v-if="secret" @submit.prevent="confirm">
            <p>Open an authenticator on your phone and read this, or type the letters. Then enter the code it shows.</p>
            <img :src="picture" alt="The secret as a picture for the authenticator" width="220" height="220" />
            <p class="secret" data-test="secret">{{ secret }}</p>
            <TextField v-model="code" label="Code" autocomplete="one-time-code" :fault="faults.code" />
            <NButton type="primary" size="large" attr-type="submit" :loading="busy">Ask for it from now on</NButton>
        </form>
        <form v-else @submit.prevent="account.has_second_factor ? end() : begin()">
            <p v-if="account.has_second_factor" class="quiet">
                {{ account.recovery_codes }} of the codes that were written down are left.
            </p>
            <TextField
                v-model="old"
                label="Your password"
                type="password"
                autocomplete="current-password"
                :fault="faults.old"
            />
            <NButton size="large" attr-type="submit" :loading="busy">{{
                account.has_second_factor ? 'Ask for no code any more' : 'Set up a second factor'
            }}</NButton>
        </form>
        <p v-if="why && !faults.old && !faults.code" class="alert" role="alert">{{ why }}</p>
    </section>
</template>

<style scoped>
section,
form {
    display: grid;
    gap: var(--space-5);
    justify-items: start;
}
.secret,
li {
    font:
        600 1.05rem/1.6 ui-monospace,
        monospace;
    overflow-wrap: anywhere;
}
img {
    background: #fff;
    border-radius: var(--round-middle);
}
</style>
