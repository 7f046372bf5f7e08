<script setup lang="ts">
import { wordsOf } from '@/shared/wordsOf';
import HandOver from '@/shared/right/HandOver.vue';
import { useSession } from '@/shared/session/useSession';
import { startAttempt } from '@/shared/attempt/start';
import type { Schemas } from '@/shared/api/client';
import { NButton } from 'naive-ui';
import { v7 } from 'uuid';
import { ref } from 'vue';
import { useRouter } from 'vue-router';

/* A walk that somebody else scores: watch it if it is open, or score it alongside, blind to each other. */
const props = defineProps<{ attempt: Schemas['AttemptCardResource']; canScore: boolean }>();
const emit = defineEmits<{ changed: [] }>();
const { user } = useSession();
const router = useRouter();
const why = ref('');
const id = v7();

async function alongside(): Promise<void> {
    try {
        await startAttempt({ id, walk_of: props.attempt.id });
        await router.push({ name: 'walk', params: { id } });
    } catch (error) {
        why.value = wordsOf(error);
    }
}
</script>

<template>
    <div class="row">
        <span
            ><strong>{{ attempt.student }}</strong>
            <span class="quiet">{{ attempt.vehicle }}, by {{ attempt.scorer }}</span></span
        >
        <span class="acts">
            <NButton v-if="attempt.live" @click="router.push({ name: 'watch', params: { id: attempt.id } })"
                >Watch</NButton
            >
            <NButton v-if="canScore" data-test="alongside" @click="alongside">Score as second scorer (blind)</NButton>
        </span>
        <HandOver v-if="user?.may_manage" :attempt="attempt.id" :scorer="attempt.scorer_id" @done="emit('changed')" />
        <p v-if="why" role="alert">{{ why }}</p>
    </div>
</template>

<style scoped>
.row {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: center;
    gap: var(--space-3) var(--space-6);
    min-height: 60px;
    border-bottom: 1px solid var(--line);
}
</style>
