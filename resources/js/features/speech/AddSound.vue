<script setup lang="ts">
import { NButton, NProgress } from 'naive-ui';
import { useSoundUpload } from './useSoundUpload';

/* Brings in a recording that was made elsewhere: it is sent in pieces, heard on the server, and proposed from. */
const props = defineProps<{ attempt: string; mayRecord: boolean }>();
const emit = defineEmits<{ heard: [] }>();
const { state, share, why, send, cancel } = useSoundUpload(props.attempt, () => emit('heard'));
</script>

<template>
    <section class="sound" aria-label="Add a recording of the walk">
        <p v-if="!mayRecord" class="quiet">
            A sound recording can be added here once the school keeps sound and the student has agreed to it.
        </p>
        <label v-else-if="state === 'idle'" class="drop">
            <strong>Or choose a sound recording</strong>
            <span class="quiet">WAV, FLAC, OGG, MP3, M4A or WebM, up to 200 MB. It is heard on this server alone.</span>
            <input
                type="file"
                accept="audio/*,.wav,.flac,.ogg,.mp3,.m4a,.webm"
                data-test="sound-file"
                @change="send(($event.target as HTMLInputElement).files?.[0])"
            />
        </label>
        <div v-else class="acts" role="status">
            <NProgress v-if="state === 'sending'" class="bar" type="line" :percentage="share" />
            <span>{{
                state === 'sending'
                    ? 'Sending it. You may leave; choose it again to go on.'
                    : 'Hearing it on the server…'
            }}</span>
            <NButton v-if="state === 'sending'" size="large" @click="cancel">Stop</NButton>
        </div>
        <p v-if="why" class="alert" role="alert">{{ why }}</p>
    </section>
</template>

<style scoped>
.drop {
    display: grid;
    gap: var(--space-3);
}
.bar {
    width: 240px;
}
</style>
