<script setup lang="ts">
import { readCalendar, renewCalendar } from '@/shared/progress/api';
import TapButton from '@/shared/TapButton.vue';
import { wordsOf } from '@/shared/wordsOf';
import { ref } from 'vue';

/* A link by which a calendar program reads one's own walks; whoever has it can read them. */
const path = ref<string | null>(null);
const why = ref('');
const isCopied = ref(false);
const link = (): string => `${window.location.origin}${path.value ?? ''}`;
async function doing(what: () => Promise<{ path: string | null }>): Promise<void> {
    why.value = '';
    isCopied.value = false;
    try {
        path.value = (await what()).path;
    } catch (error) {
        why.value = wordsOf(error);
    }
}
async function copy(): Promise<void> {
    try {
        await navigator.clipboard.writeText(link());
        isCopied.value = true;
    } catch {
        why.value = 'This browser does not copy. Mark the link and copy it by hand.';
    }
}
void doing(readCalendar);
</script>

<template>
    <details>
        <summary>My walks in my own calendar</summary>
        <p>
            A calendar program reads your walks by a link of your own. Whoever has the link can read them: make a new
            one if it got about.
        </p>
        <p v-if="path" class="link">{{ link() }}</p>
        <div class="acts">
            <TapButton v-if="path" @click="copy">{{ isCopied ? 'Copied' : 'Copy the link' }}</TapButton>
            <a v-if="path" class="file" :href="path" download="week-in-the-yard.ics">Download the file</a>
            <TapButton data-test="renew-calendar" @click="doing(renewCalendar)">{{
                path ? 'Make a new link' : 'Make a link'
            }}</TapButton>
        </div>
        <p v-if="why" role="alert" class="alert">{{ why }}</p>
    </details>
</template>

<style scoped>
.link {
    overflow-wrap: anywhere;
    font-family: monospace;
}
.file {
    min-height: 48px;
    padding: var(--space-4);
}
</style>
