<script setup lang="ts">
import { wordsOf } from '@/shared/wordsOf';
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { shareAttempt } from '@/shared/attempt/api';
import ComfortForm from './ComfortForm.vue';
import type { Comfort } from './useComfort';
import type { OpenAttempt } from '@/shared/attempt/useAttempt';

/* What is needed less often, one tap away. */
const props = defineProps<{ walk: OpenAttempt; silent: boolean; totals: boolean; comfort: Comfort }>();
const emit = defineEmits<{
    note: [];
    pause: [];
    keys: [];
    line: [];
    listen: [];
    cover: [];
    discard: [];
    close: [];
    totals: [shown: boolean];
    comfort: [change: Partial<Comfort>];
}>();

const router = useRouter();
const live = computed(() => props.walk.attempt.value?.live ?? false);
const why = ref('');
const offList = computed(() => {
    const waiting = props.walk.waiting.value.filter(({ kind }) => kind.startsWith('off_list')).at(-1);
    return waiting === undefined ? props.walk.sheet.value?.off_list === true : waiting.kind === 'off_list_began';
});

async function share(): Promise<void> {
    why.value = '';
    try {
        await shareAttempt(props.walk.id, !live.value);
        props.walk.setLive(!live.value);
    } catch (error) {
        why.value = wordsOf(error);
    }
}
</script>

<template>
    <section class="tools" aria-label="More">
        <div class="acts">
            <NButton @click="emit('note')">Note&nbsp;<kbd>;</kbd></NButton>
            <NButton @click="emit('pause')">Pause or go on&nbsp;<kbd>\</kbd></NButton>
            <NButton data-test="off-list" @click="walk.mark.offList(!offList)"
                >{{ offList ? 'Back on topic' : 'Off-topic talk' }}&nbsp;<kbd>-</kbd></NButton
            >
            <NButton @click="walk.mark.lookAgain()">Flag for debrief&nbsp;<kbd>'</kbd></NButton>
            <NButton data-test="redo" :disabled="walk.nextAction.value === undefined" @click="walk.redo"
                >Redo&nbsp;<kbd>⇧⌫</kbd></NButton
            >
            <NButton data-test="line" @click="emit('line')">Time line</NButton>
            <NButton data-test="keys" @click="emit('keys')">Keys&nbsp;<kbd>?</kbd></NButton>
            <NButton v-if="silent" @click="emit('cover')">Cover the screen</NButton>
            <NButton v-if="silent" @click="emit('totals', !totals)">{{ totals ? 'Hide' : 'Show' }} totals</NButton>
            <NButton v-if="!silent" data-test="live" @click="share">{{
                live ? 'Stop others watching' : 'Let others watch'
            }}</NButton>
            <NButton v-if="!silent" data-test="listen-live" @click="emit('listen')">Listen along</NButton>
            <NButton data-test="brakes" @click="router.push({ name: 'brakes', params: { id: walk.id } })"
                >Brake bench</NButton
            >
            <NButton v-if="!silent" data-test="words" @click="router.push({ name: 'words', params: { id: walk.id } })"
                >Captions of the walk</NButton
            >
            <NButton data-test="discard" @click="emit('discard')">Discard this walk …</NButton>
            <NButton quaternary @click="emit('close')">Close&nbsp;<kbd>Esc</kbd></NButton>
        </div>
        <p v-if="live">The student and your colleagues can watch this walk from Today, not change it.</p>
        <p v-if="why" role="alert">{{ why }}</p>
        <ComfortForm :comfort="comfort" @change="(change) => emit('comfort', change)" />
    </section>
</template>

<style scoped>
.tools {
    display: grid;
    gap: var(--space-5);
    padding: var(--space-5) var(--space-6);
    background: var(--sunken);
    border-bottom: 2px solid var(--ink);
}
</style>
