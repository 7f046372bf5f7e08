<script setup lang="ts">
import { minutes } from '@/shared/format';
import { useIntervalFn } from '@vueuse/core';
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import LoudnessStrip from './LoudnessStrip.vue';
import { STEP_MS, type ItemMoment, type WalkSound } from './useWalkSound';

/* What was said, and when: the walk as it was recorded, with the marks on it. */
const props = defineProps<{ attempt: string; walkMs: number; marks: ItemMoment[]; sound: WalkSound }>();
const sound = props.sound;
const source = computed(() =>
    sound.current.value === undefined
        ? undefined
        : `/api/v1/attempts/${props.attempt}/sounds/${sound.current.value.id}/file`,
);
const waiting = computed(() => sound.sounds.value.filter(({ state }) => state === 'waiting' || state === 'arriving'));
const failed = computed(() => sound.sounds.value.filter(({ why }) => why !== null));
const deleted = computed(() => sound.sounds.value.filter(({ state }) => state === 'deleted'));

function tell(): void {
    const player = sound.audio.value;
    if (player === undefined || sound.current.value === undefined) return;
    sound.at.value = sound.current.value.from_ms + Math.round(player.currentTime * 1000);
}
const keys: Record<string, () => void> = {
    ArrowLeft: () => void sound.step(-STEP_MS),
    ArrowRight: () => void sound.step(STEP_MS),
    ArrowDown: sound.slow,
    ' ': sound.toggle,
};
function press(event: KeyboardEvent): void {
    const act = keys[event.key];
    if (act === undefined) return;
    event.preventDefault();
    act();
}
// Words of a walk that has just ended come within minutes.
useIntervalFn(() => {
    if (waiting.value.some(({ state }) => state === 'waiting')) void sound.again();
}, 3000);
</script>

<template>
    <section v-if="sound.sounds.value.length > 0" data-test="walk-sound" aria-label="The walk as it was recorded">
        <h2>How did it sound?</h2>
        <template v-if="sound.playable.value.length > 0">
            <LoudnessStrip :walk-ms="walkMs" :marks="marks" :sound="sound" @keydown="press" />
            <div class="acts">
                <NButton size="large" @click="sound.step(-STEP_MS)"><kbd>←</kbd>&nbsp;3 s back</NButton>
                <NButton size="large" type="primary" data-test="play" @click="sound.toggle">{{
                    sound.isPlaying.value ? 'Stop' : 'Play'
                }}</NButton>
                <NButton size="large" @click="sound.step(STEP_MS)">3 s on&nbsp;<kbd>→</kbd></NButton>
                <NButton size="large" :aria-pressed="sound.isSlow.value" @click="sound.slow"
                    ><kbd>↓</kbd>&nbsp;{{ sound.isSlow.value ? 'At its own speed' : 'Slower' }}</NButton
                >
                <span class="numeral at" data-test="sound-at">{{ minutes(sound.at.value) }}</span>
            </div>
            <p class="quiet">
                Tap the strip, or “Hear it” beside an item. Keys work while the strip is chosen. What is heard of a
                microphone is no proof by itself: the examiner’s ear and the state’s manual come first.
            </p>
            <audio
                :ref="(element) => (sound.audio.value = (element as HTMLAudioElement | null) ?? undefined)"
                :src="source"
                preload="auto"
                @play="sound.isPlaying.value = true"
                @pause="sound.isPlaying.value = false"
                @timeupdate="tell"
                @seeked="tell"
            ></audio>
        </template>
        <p v-if="waiting.length > 0" role="status">
            {{
                waiting.some(({ state }) => state === 'arriving')
                    ? 'Part of the recording is still on the device that recorded it; open Pasada there with a network.'
                    : 'The words of the recording are being worked out; this takes about a sixth of its length.'
            }}
        </p>
        <p v-for="one in failed" :key="one.id" role="alert">{{ one.why }}</p>
        <p v-if="deleted.length > 0" class="quiet">
            {{ deleted.length === 1 ? 'A recording was' : `${deleted.length} recordings were` }} deleted: its days were
            over, or the student took the consent back.
        </p>
        <p v-if="sound.why.value" role="alert">{{ sound.why.value }}</p>
    </section>
</template>

<style scoped>
section {
    display: grid;
    gap: var(--space-4);
}
.at {
    font-size: var(--size-title);
}
</style>
