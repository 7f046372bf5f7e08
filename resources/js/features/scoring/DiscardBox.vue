<script setup lang="ts">
import type { OpenAttempt } from '@/shared/attempt/useAttempt';
import { discardAttempt } from '@/shared/attempt/api';
import { wordsOf } from '@/shared/wordsOf';
import { NButton, NInput } from 'naive-ui';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';

/* A walk begun by mistake leaves every list and figure; why it did stays in the trail. */
const props = defineProps<{ walk: OpenAttempt }>();
defineEmits<{ close: [] }>();
const router = useRouter();
const reasons = ['Wrong student', 'Wrong vehicle or checklist', 'Only tried out'];
const reason = ref('');
const why = ref('');
const busy = ref(false);
const isUnsent = computed(() => props.walk.waiting.value.length > 0);

async function discard(): Promise<void> {
    busy.value = true;
    why.value = '';
    try {
        await discardAttempt(props.walk.id, reason.value.trim());
        await router.push('/');
    } catch (error) {
        why.value = wordsOf(error);
    } finally {
        busy.value = false;
    }
}
</script>

<template>
    <form class="discard" aria-label="Discard this walk" @submit.prevent="discard">
        <p>
            <strong>Discard this walk?</strong> It counts nowhere then. What was marked, and your reason, stay in the
            trail.
        </p>
        <div class="acts">
            <NButton v-for="one in reasons" :key="one" @click="reason = one">{{ one }}</NButton>
        </div>
        <label for="discard-reason">Why</label>
        <NInput v-model:value="reason" maxlength="500" :input-props="{ id: 'discard-reason' }" />
        <div class="acts">
            <NButton
                type="primary"
                attr-type="submit"
                :loading="busy"
                :disabled="reason.trim() === '' || isUnsent"
                data-test="discard-now"
                >Discard</NButton
            >
            <NButton @click="$emit('close')">Keep it&nbsp;<kbd>Esc</kbd></NButton>
            <span v-if="isUnsent" class="quiet">First the marks on this device have to be sent.</span>
        </div>
        <p v-if="why" role="alert">{{ why }}</p>
    </form>
</template>

<style scoped>
.discard {
    display: grid;
    gap: var(--space-3);
    padding: var(--space-5) var(--space-6);
    background: var(--sunken);
    border-bottom: 2px solid var(--ink);
}
label {
    font-weight: 600;
}
</style>
