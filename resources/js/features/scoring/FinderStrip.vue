<script setup lang="ts">
import StateGlyph from '@/shared/glyphs/StateGlyph.vue';
import type { Found } from './finder';
import { nothingShown, type ShownItem } from '@/shared/attempt/shownItems';

/* What the letters mean, typed or tapped: Enter marks the first, Space opens its points. */
defineProps<{
    typed: string;
    /** Which of those found Enter and Space mean. */
    chosen: number;
    found: Found[];
    shown: Map<string, ShownItem>;
    /** Letters to tap, where there are no keys; empty while letters are typed. */
    letters: string[];
}>();
defineEmits<{ mark: [Found]; points: [Found]; letter: [string]; erase: []; close: [] }>();
</script>

<template>
    <div class="strip" :class="{ tapped: letters.length > 0 }">
        <div v-if="letters.length > 0" class="letters" role="group" aria-label="Letters of the name or its initials">
            <button
                v-for="letter in letters"
                :key="letter"
                type="button"
                class="letter"
                :data-letter="letter"
                @click="$emit('letter', letter)"
            >
                {{ letter.toUpperCase() }}
            </button>
            <button
                type="button"
                class="letter"
                :disabled="typed === ''"
                aria-label="Take the last letter back"
                @click="$emit('erase')"
            >
                ⌫
            </button>
            <button type="button" class="letter" data-test="close-finder" @click="$emit('close')">Close</button>
        </div>
        <div class="results" role="status" aria-label="Found by letters">
            <span class="typed">{{ typed || (found.length > 0 ? 'Left open' : 'Tap letters') }}</span>
            <span v-if="typed !== '' && found.length === 0">No match. <kbd>Esc</kbd></span>
            <ol v-else>
                <li v-for="(one, index) in found" :key="one.item.id" :class="{ first: index === chosen }">
                    <button type="button" class="one" :data-found="one.item.id" @click="$emit('mark', one)">
                        <StateGlyph :state="(shown.get(one.item.id) ?? nothingShown).state" :size="20" />
                        {{ one.item.name }}
                        <small v-if="!one.here && letters.length > 0">at {{ one.place.name }}</small>
                        <small v-else-if="!one.here"
                            >{{ one.item.where || one.place.name }}, <em>not asked at this place</em></small
                        >
                        <small v-if="index === chosen && letters.length === 0"
                            ><kbd>Enter</kbd> whole <kbd>Space</kbd> points</small
                        >
                    </button>
                    <button
                        v-if="letters.length > 0"
                        type="button"
                        class="one"
                        :aria-label="`Points of ${one.item.name}`"
                        @click="$emit('points', one)"
                    >
                        ⋯
                    </button>
                </li>
            </ol>
        </div>
    </div>
</template>

<style scoped>
.strip {
    display: grid;
    gap: var(--space-3);
    padding: var(--space-3) var(--space-6);
    background: var(--ink);
    color: var(--paper);
}
.letters {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-1);
}
.letter {
    flex: 1 0 48px;
    max-width: 72px;
    min-height: 48px;
    font-weight: 700;
    border: 0;
    border-radius: var(--round-small);
    background: var(--panel);
    color: var(--ink);
    cursor: pointer;
    touch-action: manipulation;
}
.letter:disabled {
    opacity: 0.6;
}
.results {
    display: flex;
    align-items: center;
    gap: var(--space-5);
    min-height: 48px;
    overflow-x: auto;
}
.typed {
    font: 700 var(--size-head) var(--display-face);
    min-width: 2.4em;
    white-space: nowrap;
}
ol {
    display: flex;
    gap: var(--space-3);
    list-style: none;
    margin: 0;
    padding: 0;
}
/* By touch there is no second row to look for: what is found wraps. */
.tapped ol {
    flex-wrap: wrap;
}
.tapped .results {
    display: grid;
    gap: var(--space-2);
    max-height: 36dvh;
    overflow: auto;
}
.tapped .typed {
    font-size: var(--size-strong);
}
.tapped .one {
    white-space: normal;
    text-align: left;
}
li {
    display: flex;
}
.one {
    display: flex;
    align-items: center;
    gap: var(--space-3);
    min-height: 48px;
    min-width: 48px;
    padding: 0 var(--space-5);
    border: 2px solid var(--quiet);
    border-radius: var(--round-middle);
    background: var(--panel);
    color: var(--ink);
    white-space: nowrap;
    cursor: pointer;
}
.first .one {
    outline: 3px solid var(--paper);
    font-weight: 700;
}
small {
    font-weight: 400;
}
</style>
