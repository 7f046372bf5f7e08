<script setup lang="ts">
import { NButton } from 'naive-ui';
import { ref } from 'vue';
import { BrowserEar } from './sources/BrowserEar';
import type { CaptionSource } from './sources/CaptionSource';
import { useCaptions } from './useCaptions';

/* What somebody says, typed or heard. */
defineProps<{ label: string; placeholder: string; button: string; standIn?: () => CaptionSource }>();
const emit = defineEmits<{ say: [text: string] }>();
const typed = ref('');
const say = (text: string): void => {
    if (text.trim() !== '') emit('say', text.trim());
};
const { source, why, listen, stop } = useCaptions(say);
function sayTyped(): void {
    say(typed.value);
    typed.value = '';
}
</script>

<template>
    <form class="say-line" @submit.prevent="sayTyped">
        <input v-model="typed" :aria-label="label" :placeholder="placeholder" maxlength="300" data-test="spoken" />
        <NButton attr-type="submit">{{ button }}</NButton>
        <NButton v-if="source" @click="stop">Stop listening</NButton>
        <template v-else>
            <NButton v-if="BrowserEar.isThere()" @click="listen(new BrowserEar())">Microphone</NButton>
            <NButton
                v-if="standIn"
                title="Speaks made-up sentences, to try it without a microphone"
                @click="listen(standIn())"
                >Stand-in voice</NButton
            >
        </template>
        <p v-if="why" role="alert">{{ why }}</p>
    </form>
</template>

<style scoped>
.say-line {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-3);
}
input {
    flex: 1 1 100%;
    min-width: 0;
    min-height: 48px;
    font: inherit;
    padding: 0 var(--space-5);
    border: 2px solid var(--line);
    border-radius: var(--round-middle);
    background: var(--panel);
    color: var(--ink);
}
p {
    margin: 0;
}
</style>
