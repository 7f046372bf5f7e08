<script setup lang="ts">
import { timeOfDay } from '@/shared/format';
import { useDoing } from '@/shared/useDoing';
import type { Schemas } from '@/shared/api/client';
import { NButton } from 'naive-ui';
import { shallowRef } from 'vue';
import { makeSigningCode } from './api';

/* Signing on the device of another, as whoever is signed in here. */
const { busy, why, doing } = useDoing();
const made = shallowRef<Schemas['SigningCodeResource']>();
const make = (): Promise<boolean> =>
    doing(async () => {
        made.value = await makeSigningCode();
    });
</script>

<template>
    <section class="stack">
        <h2>Sign on somebody else’s device</h2>
        <p>A code signs one record in your name, on the device of whoever scored it. Read the result there first.</p>
        <p v-if="made" role="status" data-test="signing-code">
            <strong>{{ made.code }}</strong> serves once, until {{ timeOfDay(made.until) }}.
        </p>
        <NButton size="large" :loading="busy" data-test="make-code" @click="make">{{
            made ? 'Another code' : 'Code to sign with'
        }}</NButton>
        <p v-if="why" class="alert" role="alert">{{ why }}</p>
    </section>
</template>

<style scoped>
section {
    justify-items: start;
    align-content: start;
}
strong {
    font-size: var(--size-title);
    letter-spacing: 0.15em;
    user-select: all;
}
</style>
