<script setup lang="ts">
import StateGlyph from '@/shared/glyphs/StateGlyph.vue';
import { states } from '@/shared/glyphs/states';
import { computed } from 'vue';
import type { Item } from './api';
import type { ShownItem } from './shownItems';

const props = defineProps<{ item: Item; shown: ShownItem; hotkey: string; opened: boolean }>();
defineEmits<{ tap: []; points: [] }>();

const points = computed(() => [
    ...props.item.essential.map((point) => ({ ...point, essential: true })),
    ...props.item.further.map((point) => ({ ...point, essential: false })),
]);
const heardCount = computed(() => points.value.filter(({ code }) => props.shown.heard.has(code)).length);
const word = computed(() =>
    props.shown.state === 'partial'
        ? `${heardCount.value} of ${points.value.length} points`
        : states[props.shown.state].word,
);
</script>

<template>
    <div
        class="tile"
        :class="[shown.state, { opened, waiting: shown.waiting }]"
        :data-item="item.id"
        :data-state="shown.state"
    >
        <button class="main" type="button" :aria-label="`${item.name}: ${word}`" @click="$emit('tap')">
            <StateGlyph :state="shown.state" />
            <span class="text">
                <span class="name"
                    >{{ item.name
                    }}<span v-if="item.where.includes('side')" class="where">, {{ item.where }}</span></span
                >
                <span class="word">{{ shown.state === 'not_reached' ? '' : word }}</span>
            </span>
            <kbd v-if="hotkey">{{ hotkey.toUpperCase() }}</kbd>
        </button>
        <button
            class="points"
            type="button"
            :aria-expanded="opened"
            :aria-label="`Points of ${item.name}`"
            @click="$emit('points')"
        >
            <span
                v-for="point in points"
                :key="point.code"
                class="pip"
                :class="{ on: shown.heard.has(point.code), essential: point.essential }"
            />
        </button>
    </div>
</template>

<style scoped>
.tile {
    display: grid;
    grid-template-columns: 1fr 56px;
    background: var(--panel);
    border: 2px solid var(--line);
    border-radius: 12px;
    min-height: 64px;
    overflow: hidden;
}
.tile.whole {
    border-color: var(--strong);
    background: color-mix(in srgb, var(--strong) 12%, var(--panel));
}
.tile.partial {
    border-color: var(--part);
}
.tile.missed {
    border-color: var(--lost);
}
.tile.opened {
    border-color: var(--ink);
    box-shadow: 0 0 0 2px var(--ink);
}
button {
    background: none;
    border: 0;
    cursor: pointer;
    touch-action: manipulation;
}
.main {
    display: grid;
    grid-template-columns: auto 1fr auto;
    align-items: center;
    gap: 12px;
    padding: 6px 8px 6px 14px;
    text-align: left;
    min-width: 0;
}
.main:active {
    background: var(--sunken);
}
.text {
    display: grid;
    min-width: 0;
}
.name {
    font-weight: 650;
    font-size: 1.08rem;
    line-height: 1.2;
}
.where {
    font-weight: 400;
}
.word {
    font-size: 0.88rem;
    line-height: 1.2;
    color: var(--quiet);
}
.word:empty {
    display: none;
}
/* Not yet confirmed: the word leans until the server has worked it out. */
.waiting .word {
    font-style: italic;
}
.points {
    border-left: 2px solid var(--line);
    display: flex;
    flex-wrap: wrap;
    align-content: center;
    justify-content: center;
    gap: 4px;
    padding: 0 8px;
}
.pip {
    width: 9px;
    height: 9px;
    border-radius: 50%;
    border: 2px solid var(--quiet);
}
.pip.essential {
    width: 12px;
    height: 12px;
}
.pip.on {
    background: var(--quiet);
}
</style>
