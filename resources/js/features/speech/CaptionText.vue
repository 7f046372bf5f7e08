<script setup lang="ts">
import { minutes } from '@/shared/format';
import { computed, nextTick, useTemplateRef, watch } from 'vue';
import type { HeardWords, Suggestion } from '@/shared/speech/api';
import { piecesOf } from '@/shared/speech/pieces';

/* The words as they were captioned, with what was heard marked in them. */
const props = defineProps<{ words: HeardWords; chosen: string | undefined }>();
const emit = defineEmits<{ choose: [key: string] }>();
const pieces = computed(() => piecesOf(props.words.captions, props.words.suggestions));
const states = computed(() => new Map(props.words.suggestions.map((one: Suggestion) => [one.key, one.state])));
const choose = (keys: string[]): void => emit('choose', keys.find((key) => key !== props.chosen) ?? keys[0] ?? '');
const box = useTemplateRef<HTMLElement>('box');

watch(
    () => props.chosen,
    async () => {
        await nextTick();
        box.value?.querySelector('.chosen')?.scrollIntoView({ block: 'center', behavior: 'smooth' });
    },
);
</script>

<template>
    <div ref="box" class="captions" tabindex="0" aria-label="What was said">
        <p v-for="(line, cue) in pieces" :key="cue">
            <span class="numeral at">{{ minutes(words.captions[cue]?.from_ms ?? 0) }}</span>
            <template v-for="(piece, n) in line" :key="n"
                ><span v-if="piece.keys.length === 0">{{ piece.text }}</span
                ><!-- A button would be a box that breaks the line; these words have to run on. -->
                <span
                    v-else
                    role="button"
                    tabindex="0"
                    class="heard"
                    :class="[states.get(piece.keys[0] ?? ''), { chosen: piece.keys.includes(chosen ?? '') }]"
                    @click="choose(piece.keys)"
                    @keydown.enter.prevent="choose(piece.keys)"
                    @keydown.space.prevent="choose(piece.keys)"
                    >{{ piece.text }}</span
                ></template
            >
        </p>
    </div>
</template>

<style scoped>
.captions {
    overflow-y: auto;
    max-height: min(70vh, 720px);
    padding: var(--space-5) var(--space-6);
    background: var(--sunken);
    border-radius: var(--round-large);
    position: sticky;
    top: 12px;
}
p {
    margin-bottom: 0.8em;
    line-height: 1.75;
}
.at {
    color: var(--quiet);
    margin-right: 0.6em;
}
.heard {
    cursor: pointer;
    border-bottom: 3px dotted var(--part);
}
.heard.accepted,
.heard.marked {
    border-bottom: 3px solid var(--strong);
}
.heard.rejected {
    border-bottom: 0;
    text-decoration: line-through;
    color: var(--quiet);
}
.heard.chosen {
    background: var(--ink);
    color: var(--paper);
}
@media (max-width: 900px) {
    .captions {
        position: static;
        max-height: 38vh;
    }
}
</style>
