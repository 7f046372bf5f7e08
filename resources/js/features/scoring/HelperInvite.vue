<script setup lang="ts">
import { answer, api } from '@/shared/api/client';
import { timeOfDay } from '@/shared/format';
import { wordsOf } from '@/shared/wordsOf';
import { NButton } from 'naive-ui';
import { ref, shallowRef } from 'vue';

/* Who answers from outside? A helper with any phone, by a code; or the scorer alone. */
const props = defineProps<{ attempt: string }>();
const invited = shallowRef<{ code: string; until: string }>();
const why = ref('');
const isBusy = ref(false);
const address = `${location.host}/helper`;

async function invite(): Promise<void> {
    isBusy.value = true;
    why.value = '';
    try {
        invited.value = await answer(
            api.POST('/attempts/{attempt}/helper', { params: { path: { attempt: props.attempt } } }),
        );
    } catch (error) {
        why.value = wordsOf(error);
    } finally {
        isBusy.value = false;
    }
}
</script>

<template>
    <div class="invite">
        <NButton :loading="isBusy" data-test="invite-helper" @click="invite">{{
            invited ? 'Another code' : 'Code for a helper outside'
        }}</NButton>
        <p v-if="invited" role="status">
            On the helper’s phone: <strong>{{ address }}</strong>, code
            <strong class="code numeral" data-test="helper-code">{{ invited.code }}</strong>, once, until
            {{ timeOfDay(invited.until) }}.
        </p>
        <p v-if="why" role="alert" class="alert">{{ why }}</p>
    </div>
</template>

<style scoped>
.invite {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-3) var(--space-5);
    align-items: center;
}
p {
    margin: 0;
}
.code {
    font-size: var(--size-head);
    letter-spacing: 0.12em;
}
</style>
