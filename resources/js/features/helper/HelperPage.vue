<script setup lang="ts">
import { NButton } from 'naive-ui';
import { ref } from 'vue';
import { useHelper } from './useHelper';

/* Does this light work? Nothing else is shown to a helper outside. */
const { token, now, why, isAway, isOver, waiting, open, say } = useHelper();
const code = ref('');
const isBusy = ref(false);

async function enter(): Promise<void> {
    isBusy.value = true;
    await open(code.value);
    isBusy.value = false;
}
</script>

<template>
    <main class="helper">
        <template v-if="token === ''">
            <h1>{{ isOver ? 'Thank you' : 'Light check: help from outside' }}</h1>
            <p>Stand where you can be seen, clear of the vehicle’s way. Nobody moves it while you walk around it.</p>
            <form @submit.prevent="enter">
                <label for="code">The six signs on the scorer’s screen</label>
                <input
                    id="code"
                    v-model="code"
                    autocomplete="off"
                    autocapitalize="characters"
                    spellcheck="false"
                    maxlength="12"
                    required
                />
                <p v-if="why" role="alert" class="alert">{{ why }}</p>
                <NButton type="primary" size="large" attr-type="submit" :loading="isBusy">Begin</NButton>
            </form>
        </template>
        <template v-else>
            <p v-if="isAway" role="alert" class="alert">
                No network.
                {{ waiting.length === 0 ? 'It is tried again.' : `Kept here until it is back: ${waiting.length}.` }}
            </p>
            <p v-if="why" role="alert" class="alert">{{ why }}</p>
            <template v-if="now?.item">
                <h1 aria-live="assertive" data-test="helper-function">{{ now.function }}</h1>
                <p class="at">
                    <span v-for="one in now.at" :key="one">{{ one }}</span>
                </p>
                <div class="answers">
                    <button type="button" class="works" data-test="works" @click="say(now.item, true)">Works</button>
                    <button type="button" class="not" data-test="works-not" @click="say(now.item, false)">
                        Does not
                    </button>
                </div>
                <p v-if="now.waiting > 0" class="quiet">{{ now.waiting }} more called</p>
            </template>
            <h1 v-else>Wait for the next light</h1>
        </template>
    </main>
</template>

<style scoped>
.helper {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: var(--space-6);
    align-content: start;
    max-width: 560px;
    min-height: 100dvh;
    margin: 0 auto;
    padding: var(--space-8) var(--space-6);
}
h1 {
    font-size: clamp(2.4rem, 12vw, 4rem);
    line-height: 1.05;
}
form {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: var(--space-4);
}
input {
    width: 100%;
    min-height: 72px;
    padding: 0 var(--space-5);
    font: 700 2rem var(--display-face);
    letter-spacing: 0.2em;
    text-transform: uppercase;
    border: 2px solid var(--ink);
    border-radius: var(--round-middle);
    background: var(--panel);
    color: var(--ink);
}
.at {
    display: grid;
    gap: var(--space-2);
    font-size: var(--size-title);
}
.answers {
    display: grid;
    gap: var(--space-5);
}
.answers button {
    min-height: 112px;
    border: 8px solid var(--ink);
    border-radius: var(--round-large);
    font: 700 2rem var(--display-face);
    cursor: pointer;
    touch-action: manipulation;
}
.works {
    background: var(--strong);
    color: var(--paper);
}
.answers .not {
    background: var(--panel);
    color: var(--ink);
    border-style: double;
}
</style>
