<script setup lang="ts">
import StateGlyph from '@/shared/glyphs/StateGlyph.vue';
import { states } from '@/shared/glyphs/states';
import { computed, useTemplateRef, watch } from 'vue';
import type { Item } from '@/shared/attempt/api';
import { pointsOf } from '@/shared/attempt/halves';
import type { ShownItem } from '@/shared/attempt/shownItems';
import TileChips from './TileChips.vue';

const props = defineProps<{
    item: Item;
    shown: ShownItem;
    hotkey: string;
    opened: boolean;
    swept: boolean;
    /** Examination: nothing but the mark itself. */
    silent: boolean;
    /** Points heard by the listener and not confirmed; undefined where it heard nothing. */
    faint: ReadonlySet<string> | undefined;
    /** Ids of the points that a stroke is crossing. */
    crossed: ReadonlySet<string>;
}>();
defineEmits<{
    tap: [];
    points: [];
    sweep: [event: PointerEvent];
    say: [code: string];
    part: [];
    cross: [event: PointerEvent, id: string];
}>();

const none: ReadonlySet<string> = new Set();
const tile = useTemplateRef('tile');
// Beside its points, or above them, it stays in sight.
watch(
    () => props.opened,
    (opened) => opened && tile.value?.scrollIntoView({ block: 'nearest' }),
    { flush: 'post' },
);

/** What was noticed is in sight of everybody; what is known before only of those whom it does not help. */
const defect = computed(() => {
    if (props.shown.noticed !== null) return `Noticed: ${props.shown.noticed}`;
    const known = props.shown.defect ?? props.item.defect;
    return known === null || props.silent ? undefined : `Defect: ${known}`;
});
const word = computed(() => {
    const points = pointsOf(props.item);
    const said = points.filter(({ code }) => props.shown.heard.has(code)).length;
    if (props.faint) return 'heard? tap to confirm';
    if (props.shown.pointsOpen) return 'in part: which points?';
    if (props.shown.state === 'partial' && said === 0) return 'named only';
    if (props.shown.state === 'partial') return `${said} of ${points.length} points`;
    if (props.shown.state === 'not_reached') return props.item.fitted ? '' : 'not on this vehicle';
    return states[props.shown.state].word;
});
</script>

<template>
    <div
        ref="tile"
        class="tile"
        :class="[shown.state, { opened, swept, waiting: shown.waiting, silent, faint: faint !== undefined }]"
        :data-item="item.id"
        :data-state="shown.state"
        :data-key="hotkey"
    >
        <button class="main" type="button" @click="$emit('tap')">
            <span class="rail" @pointerdown="$emit('sweep', $event)" @touchmove.prevent
                ><StateGlyph :state="shown.state"
            /></span>
            <span class="text">
                <span class="name"
                    >{{ item.name
                    }}<span v-if="item.where.includes('side')" class="where">, {{ item.where }}</span></span
                >
                <span v-if="defect" class="defect">{{ defect }}</span>
                <span :class="silent || word === '' ? 'visually-hidden' : 'word'">{{
                    word || states.not_reached.word
                }}</span>
            </span>
            <kbd v-if="hotkey" aria-hidden="true">{{ hotkey }}</kbd>
        </button>
        <button
            class="points"
            type="button"
            :aria-expanded="opened"
            :aria-label="`Points of ${item.name}`"
            @click="$emit('points')"
        >
            <span aria-hidden="true">⋯</span>
        </button>
        <TileChips
            class="chips"
            :item="item"
            :shown="shown"
            :silent="silent"
            :heard="faint ?? none"
            :swept="crossed"
            @part="$emit('part')"
            @tap="(code) => $emit('say', code)"
            @sweep="(event, id) => $emit('cross', event, id)"
        />
    </div>
</template>

<style scoped>
.tile {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 56px;
    grid-template-rows: 1fr auto;
    background: var(--panel);
    border: 2px solid var(--line);
    border-radius: var(--round-large);
    min-height: var(--tile, 64px);
    overflow: hidden;
}
.tile.whole,
.tile.carried {
    border-color: var(--strong);
    background: color-mix(in srgb, var(--strong) 12%, var(--panel));
}
.tile.partial,
.tile.late,
.tile.later_added {
    border-color: var(--part);
}
.tile.missed,
.tile.wrong,
.tile.over_defect {
    border-color: var(--lost);
}
/* Over a shoulder, one tile looks like the next. */
.tile.silent {
    border-color: var(--line);
    background: var(--panel);
}
.tile.faint {
    border: 3px dotted var(--ink);
}
.tile.opened,
.tile.swept {
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
    align-items: stretch;
    padding: 0 var(--space-3) 0 0;
    /* Room for the word below the name, so that nothing moves when it comes. */
    min-height: 56px;
    text-align: left;
    min-width: 0;
}
.main:active {
    background: var(--sunken);
}
/* The thumb strokes down the marks; the rest of the tile scrolls. */
.rail {
    display: grid;
    place-items: center;
    width: 54px;
    touch-action: none;
}
.text {
    display: grid;
    align-content: center;
    min-width: 0;
    padding: var(--space-2) var(--space-1) var(--space-2) 0;
}
kbd {
    align-self: center;
}
.name {
    font-weight: 650;
    font-size: var(--tile-text, var(--size-strong));
    line-height: 1.2;
}
.where {
    font-weight: 400;
}
.word {
    font-size: var(--size-small);
    line-height: 1.2;
    color: var(--quiet);
}
.defect {
    font-size: var(--size-small);
    font-weight: 600;
    color: var(--lost);
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
    font-size: var(--size-title);
    color: var(--quiet);
}
.chips {
    grid-column: 1 / -1;
}
</style>
