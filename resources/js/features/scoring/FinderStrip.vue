<script setup lang="ts">
import StateGlyph from '@/shared/glyphs/StateGlyph.vue';
import type { Found } from './finder';
import { nothingShown, type ShownItem } from '@/shared/attempt/shownItems';

/* What the typed letters mean: Enter marks the first, Space opens its points. */
defineProps<{ typed: string; found: Found[]; shown: Map<string, ShownItem> }>();
defineEmits<{ mark: [Found]; close: [] }>();
</script>

<template>
    <div class="strip" role="status" aria-label="Found by letters">
        <span class="typed">{{ typed }}</span>
        <span v-if="found.length === 0">No match. <kbd>Esc</kbd></span>
        <ol v-else>
            <li v-for="(one, index) in found" :key="one.item.id" :class="{ first: index === 0 }">
                <button type="button" :data-found="one.item.id" @click="$emit('mark', one)">
                    <StateGlyph :state="(shown.get(one.item.id) ?? nothingShown).state" :size="20" />
                    {{ one.item.name }}
                    <small v-if="!one.here"
                        >{{ one.item.where || one.place.name }}, <em>not asked at this place</em></small
                    >
                    <small v-if="index === 0"><kbd>Enter</kbd> whole <kbd>Space</kbd> points</small>
                </button>
            </li>
        </ol>
    </div>
</template>

<style scoped>
.strip {
    display: flex;
    align-items: center;
    gap: var(--space-5);
    padding: var(--space-3) var(--space-6);
    background: var(--ink);
    color: var(--paper);
    overflow-x: auto;
}
.typed {
    font: 700 var(--size-head) var(--display-face);
    min-width: 2.4em;
}
ol {
    display: flex;
    gap: var(--space-3);
    list-style: none;
    margin: 0;
    padding: 0;
}
button {
    display: flex;
    align-items: center;
    gap: var(--space-3);
    min-height: 48px;
    padding: 0 var(--space-5);
    border: 2px solid var(--quiet);
    border-radius: var(--round-middle);
    background: var(--panel);
    color: var(--ink);
    white-space: nowrap;
    cursor: pointer;
}
.first button {
    outline: 3px solid var(--paper);
    font-weight: 700;
}
small {
    font-weight: 400;
}
</style>
