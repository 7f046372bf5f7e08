<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import type { WalkRecording } from './useRecording';

/* Is this walk being recorded, and is anything heard? */
const props = defineProps<{ recording: WalkRecording }>();
const isOn = computed(() => props.recording.state.value === 'on');
/** Speech is quiet against the loudest that a microphone takes: the line tells loudness, not power. */
const width = computed(() => `${Math.min(100, Math.round(100 * Math.sqrt(props.recording.level.value * 4)))}%`);
</script>

<template>
    <NButton
        size="large"
        class="record"
        :class="{ on: isOn }"
        :aria-pressed="isOn"
        :loading="recording.state.value === 'starting'"
        data-test="record"
        @click="isOn ? recording.stop() : recording.start()"
    >
        <span class="lamp" aria-hidden="true"></span
        ><span class="word" :class="{ spare: isOn }">{{ isOn ? 'Recording' : 'Record' }}</span
        ><span v-if="isOn" class="line" data-test="level" aria-hidden="true"
            ><span class="now" :style="{ width }"></span
        ></span>
    </NButton>
</template>

<style scoped>
.record.on {
    background: var(--ink);
    color: var(--panel);
}
.lamp {
    display: inline-block;
    width: 14px;
    height: 14px;
    margin-right: var(--space-3);
    border: 3px solid currentColor;
    transform: rotate(45deg);
}
.on .lamp {
    background: var(--part);
    border-color: var(--panel);
}
.line {
    display: inline-block;
    width: 56px;
    height: 10px;
    margin-left: var(--space-4);
    border: 2px solid var(--panel);
}
.now {
    display: block;
    height: 100%;
    background: var(--panel);
}
/* On a phone the lamp and the line tell it; the word stays for who cannot see them. */
@media (max-width: 700px) {
    .spare {
        position: absolute;
        width: 1px;
        height: 1px;
        overflow: hidden;
        clip-path: inset(50%);
    }
}
</style>
