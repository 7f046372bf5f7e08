<script setup lang="ts">
import { wordsOf } from '@/shared/wordsOf';
import { minutes } from '@/shared/format';
import { NButton } from 'naive-ui';
import { computed, ref, shallowRef, watch } from 'vue';
import { readHistory, type History } from '@/shared/attempt/api';
import { namesIn } from '@/shared/attempt/namesIn';
import { markWords } from '@/shared/attempt/markWords';
import { timeLine } from '@/shared/attempt/timeLine';
import type { OpenAttempt } from '@/shared/attempt/useAttempt';

/* Everything marked so far, newest first; any of it can be taken back or brought back, and nothing of it is lost. */
const props = defineProps<{ walk: OpenAttempt }>();
defineEmits<{ close: [] }>();
const history = shallowRef<History[]>([]);
const why = ref('');

async function load(): Promise<void> {
    why.value = '';
    try {
        history.value = await readHistory(props.walk.id);
    } catch (error) {
        why.value = wordsOf(error);
    }
}
void load();
// What was just sent is in the history then, and no longer among what waits.
watch(props.walk.sheet, () => void load());

const names = computed(() => namesIn(props.walk.places.value));
const rows = computed(() => timeLine(history.value, props.walk.waiting.value));
</script>

<template>
    <section class="line" aria-label="Time line">
        <header>
            <h2>What was marked, and when</h2>
            <NButton @click="$emit('close')">Close&nbsp;<kbd>Esc</kbd></NButton>
        </header>
        <p v-if="why" role="alert">
            {{ why }} What this device has not sent yet is below.
            <NButton size="small" @click="load">Try again</NButton>
        </p>
        <p v-if="rows.length === 0 && !why" class="quiet">Nothing yet.</p>
        <ol>
            <li v-for="{ mark, by, undone } in rows" :key="mark.id" :class="{ undone }">
                <span class="numeral">{{ minutes(mark.at_ms) }}</span>
                <span
                    >{{ markWords(mark, names) }}<small v-if="by" class="quiet">, {{ by }}</small></span
                >
                <NButton v-if="undone" @click="walk.undoMark(undone)">Bring back</NButton>
                <NButton v-else @click="walk.undoMark(mark.id)">Take back</NButton>
            </li>
        </ol>
    </section>
</template>

<style scoped>
.line {
    padding: var(--space-5) var(--space-6);
    background: var(--panel);
    border-bottom: 2px solid var(--ink);
    max-height: 62dvh;
    overflow-y: auto;
}
header {
    display: flex;
    justify-content: space-between;
    align-items: center;
}
ol {
    list-style: none;
    margin: 0;
    padding: 0;
}
li {
    display: grid;
    grid-template-columns: 4rem 1fr auto;
    gap: var(--space-4);
    align-items: center;
    min-height: 52px;
    border-bottom: 1px solid var(--line);
}
.undone > span {
    text-decoration: line-through;
    color: var(--quiet);
}
</style>
