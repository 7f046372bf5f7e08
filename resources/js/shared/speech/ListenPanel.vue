<script setup lang="ts">
import type { OpenAttempt } from '@/shared/attempt/useAttempt';
import { NButton, NInputNumber } from 'naive-ui';
import { ref } from 'vue';
import { scriptOf } from './script';
import { BrowserEar } from './sources/BrowserEar';
import { StandIn } from './sources/StandIn';
import type { LiveWords } from './useLiveWords';

/* Chooses who listens to the walk. */
const props = defineProps<{ walk: OpenAttempt; live: LiveWords }>();
const emit = defineEmits<{ close: [] }>();
const speed = ref(150);
const errors = ref(8);
const hasEar = BrowserEar.isThere();

function pretend(): void {
    const script = scriptOf(props.walk.places.value, props.walk.place.value);
    props.live.start(new StandIn(script, speed.value, errors.value));
    emit('close');
}
function listen(): void {
    props.live.start(new BrowserEar());
    emit('close');
}
</script>

<template>
    <section class="listen" aria-label="Listen to the walk">
        <p>
            What is heard shows as a dotted mark on its item. One tap or key on the item confirms it; nothing counts
            before. What you mark yourself always stands.
        </p>
        <div class="acts">
            <NButton type="primary" size="large" :disabled="!hasEar" data-test="microphone" @click="listen"
                >Microphone of this device</NButton
            >
            <span class="quiet">{{
                hasEar
                    ? 'The browser turns speech into words; some do that over the network. Ask the student first.'
                    : 'This browser cannot turn speech into words.'
            }}</span>
        </div>
        <div class="acts">
            <NButton size="large" data-test="stand-in" @click="pretend">Try a made-up voice</NButton>
            <label>Words a minute <NInputNumber v-model:value="speed" :min="60" :max="2400" :step="30" /></label>
            <label>Misheard, % <NInputNumber v-model:value="errors" :min="0" :max="60" :step="2" /></label>
            <NButton v-if="live.source.value" size="large" @click="live.stop">Stop listening</NButton>
            <NButton quaternary size="large" @click="emit('close')">Close&nbsp;<kbd>Esc</kbd></NButton>
        </div>
    </section>
</template>

<style scoped>
.listen {
    display: grid;
    gap: var(--space-5);
    padding: var(--space-5) var(--space-6);
    background: var(--sunken);
    border-bottom: 2px solid var(--ink);
}
label {
    display: flex;
    gap: var(--space-3);
    align-items: center;
}
label :deep(.n-input-number) {
    width: 110px;
}
</style>
