<script setup lang="ts">
import { BrowserEar } from '@/features/speech/sources/BrowserEar';
import { useCaptions } from '@/features/speech/useCaptions';
import { NButton } from 'naive-ui';
import { ref } from 'vue';
import type { OpenBench } from './useBench';

/* What the student says, typed or heard; readings, limits and "clear" are found in it. */
const props = defineProps<{ on: OpenBench }>();
const typed = ref('');
const say = (text: string): void => {
    if (text.trim() !== '') props.on.record({ kind: 'spoken', text: text.trim() });
};
const { source, why, listen, stop } = useCaptions(say);
function sayTyped(): void {
    say(typed.value);
    typed.value = '';
}
</script>

<template>
    <form class="words" @submit.prevent="sayTyped">
        <input
            v-model="typed"
            aria-label="What the student says"
            placeholder="What the student says"
            maxlength="300"
            data-test="spoken"
        />
        <NButton attr-type="submit">Note it</NButton>
        <NButton v-if="source" @click="stop">Stop listening</NButton>
        <NButton v-else-if="BrowserEar.isThere()" @click="listen(new BrowserEar())">Microphone</NButton>
        <p v-if="why" role="alert">{{ why }}</p>
    </form>
</template>

<style scoped>
.words {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
}
input {
    flex: 1 1 200px;
    min-width: 0;
    min-height: 48px;
    font: inherit;
    padding: 0 12px;
    border: 2px solid var(--line);
    border-radius: 8px;
    background: var(--panel);
    color: var(--ink);
}
</style>
