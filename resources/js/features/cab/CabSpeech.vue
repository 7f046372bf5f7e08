<script setup lang="ts">
import { BrowserEar } from '@/features/speech/sources/BrowserEar';
import type { CaptionSource } from '@/features/speech/sources/CaptionSource';
import { StandIn } from '@/features/speech/sources/StandIn';
import { useCaptions } from '@/features/speech/useCaptions';
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import type { Cab } from './useCab';

/* What is said: picked, typed, or heard. The server finds out what it means for the tests. */
const STAND_IN_WORDS_A_MINUTE = 130;
const props = defineProps<{ cab: Cab }>();
const typed = ref('');
const psi = computed(() => Math.round(props.cab.gauges.value.primary));
const last = computed(() => props.cab.controls.value.findLast(({ kind }) => kind === 'spoken')?.text ?? '');
const picks = computed(() => [
    { id: 'start', text: `At the start my gauge reads ${psi.value}.` },
    { id: 'end', text: `At the end my gauge reads ${psi.value}.` },
    { id: 'clear', text: 'The area is clear.' },
]);

function say(text: string): void {
    if (text.trim() !== '') props.cab.touch({ kind: 'spoken', text: text.trim() });
}
const { source, why, listen, stop } = useCaptions(say);
function sayTyped(): void {
    say(typed.value);
    typed.value = '';
}
const standIn = (): CaptionSource =>
    new StandIn(
        picks.value.map(({ text }) => text),
        STAND_IN_WORDS_A_MINUTE,
        0,
    );
</script>

<template>
    <section class="speech" aria-label="Say">
        <div class="picks">
            <button
                v-for="{ id, text } in picks"
                :key="id"
                type="button"
                class="pick"
                :data-say="id"
                @click="say(text)"
            >
                “{{ text }}”
            </button>
        </div>
        <form class="typed" @submit.prevent="sayTyped">
            <input
                v-model="typed"
                aria-label="Say in your own words"
                placeholder="Or in your own words: the limit, the reading, …"
                maxlength="300"
            />
            <NButton attr-type="submit" size="large">Say</NButton>
            <NButton v-if="source" size="large" @click="stop">Stop listening</NButton>
            <template v-else>
                <NButton v-if="BrowserEar.isThere()" size="large" @click="listen(new BrowserEar())">Microphone</NButton>
                <NButton
                    size="large"
                    title="Speaks the three sentences, to try it without a microphone"
                    @click="listen(standIn())"
                    >Stand-in voice</NButton
                >
            </template>
        </form>
        <p v-if="why" role="alert">{{ why }}</p>
        <p v-else class="quiet last">{{ last ? `Said: “${last}”` : source ? 'Listening…' : 'Nothing said yet.' }}</p>
    </section>
</template>

<style scoped>
.speech {
    display: grid;
    gap: 8px;
}
.picks {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
    gap: 8px;
}
.pick {
    min-height: 52px;
    padding: 6px 12px;
    border: 2px dotted var(--ink);
    border-radius: 12px;
    background: var(--panel);
    color: var(--ink);
    cursor: pointer;
    touch-action: manipulation;
    text-align: start;
}
.typed {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
}
.typed input {
    flex: 1 1 100%;
    min-width: 0;
    min-height: 48px;
    font: inherit;
    padding: 0 12px;
    border: 2px solid var(--line);
    border-radius: 8px;
    background: var(--panel);
    color: var(--ink);
}
.last {
    margin: 0;
}
</style>
