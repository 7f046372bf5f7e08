<script setup lang="ts">
import type { Item, Place } from '@/shared/attempt/api';
import { cellOf, darkAfter, lampPlaces, lightRows, type LightCell, type LightRow } from '@/shared/attempt/lightRows';
import { nothingShown, type ShownItem } from '@/shared/attempt/shownItems';
import StateGlyph from '@/shared/glyphs/StateGlyph.vue';
import type { Suggestion } from '@/shared/speech/api';
import { onLongPress } from '@vueuse/core';
import { NButton } from 'naive-ui';
import { computed, useTemplateRef } from 'vue';
import HelperInvite from './HelperInvite.vue';
import { keyOf } from './tileKeys';

/* Which functions were called, and does every lamp show them? Functions down, places across. */
const props = defineProps<{
    attempt: string;
    place: Place;
    shown: Map<string, ShownItem>;
    silent: boolean;
    /** Heard and not confirmed yet, by item. */
    faint: Map<string, Suggestion>;
}>();
const emit = defineEmits<{
    called: [Item[]];
    notCalled: [Item[]];
    lamp: [item: Item, dark: { at: string } | undefined];
    noticed: [Item];
}>();

const rows = computed(() => lightRows(props.place));
const places = computed(() => lampPlaces(rows.value));
const shownOf = (item: Item): ShownItem => props.shown.get(item.id) ?? nothingShown;
const called = (row: LightRow): number => row.items.filter((item) => shownOf(item).heard.size > 0).length;
const stateOf = (row: LightRow): 'whole' | 'partial' | 'not_reached' =>
    called(row) === row.items.length ? 'whole' : called(row) > 0 ? 'partial' : 'not_reached';
const isFaint = (row: LightRow): boolean => row.items.some(({ id }) => props.faint.has(id));
const dark = computed(() => rows.value.flatMap((row) => row.items.filter((item) => shownOf(item).dark !== null)));
/** Longer than a tap: meant. */
const HOLD_MS = 600;
const board = useTemplateRef('board');
let held = false;
onLongPress(
    board,
    ({ target }) => {
        const name = target instanceof Element ? target.closest('[data-function]')?.getAttribute('data-function') : '';
        const row = rows.value.find((one) => one.function === name);
        if (row === undefined) return;
        held = true;
        emit('notCalled', row.items);
    },
    { delay: HOLD_MS },
);
/** The click that ends a hold is none. */
function call(row: LightRow): void {
    if (!held) emit('called', row.items);
    held = false;
}

const cell = (row: LightRow, place: string): LightCell | undefined => cellOf(row, place, props.shown);
const wordOf = ({ called: isCalled, dark: isDark }: LightCell): string =>
    isDark ? 'dark' : isCalled ? 'shown' : 'not called';
</script>

<template>
    <HelperInvite :attempt="attempt" />
    <div ref="board" class="board" :style="{ '--places': places.length }" role="group" aria-label="Light check">
        <span class="corner quiet" aria-hidden="true">{{ silent ? '' : 'Tap: called. Hold: not called.' }}</span>
        <span v-for="one in places" :key="one.place" class="head quiet">{{ one.label }}</span>
        <template v-for="(row, n) in rows" :key="row.function">
            <button
                type="button"
                class="function"
                :class="[silent ? '' : stateOf(row), { faint: isFaint(row) }]"
                :data-function="row.function"
                :data-state="stateOf(row)"
                @pointerdown="held = false"
                @contextmenu.prevent
                @click="call(row)"
            >
                <StateGlyph :state="stateOf(row)" :size="24" />
                <span>{{ row.name }}<small v-if="isFaint(row)" class="quiet">heard? tap to confirm</small></span>
                <kbd v-if="keyOf(n)" aria-hidden="true">{{ keyOf(n) }}</kbd>
            </button>
            <template v-for="one in places" :key="one.place">
                <button
                    v-if="cell(row, one.place)"
                    type="button"
                    class="lamp"
                    :class="{ shown: cell(row, one.place)!.called && !silent, dark: cell(row, one.place)!.dark }"
                    :data-lamp="`${row.function} ${one.place}`"
                    @click="emit('lamp', cell(row, one.place)!.item, darkAfter(cell(row, one.place)!, shown))"
                >
                    <span class="visually-hidden"
                        >{{ row.name }}, {{ one.label }}, {{ wordOf(cell(row, one.place)!) }},</span
                    >
                    <span class="color">{{ cell(row, one.place)!.lamp.color }}</span>
                    <strong v-if="cell(row, one.place)!.dark">dark</strong>
                </button>
                <span v-else class="none" aria-hidden="true"></span>
            </template>
        </template>
    </div>
    <section v-if="dark.length > 0" class="dark-list" aria-label="Dark lamps">
        <p v-for="item in dark" :key="item.id" :data-dark="item.id">
            <span
                ><strong>{{ item.name }}{{ item.where ? `, ${item.where}` : '' }}</strong> {{ shownOf(item).defect
                }}{{ shownOf(item).noticed === null ? '' : ', noticed by the student' }}</span
            >
            <NButton v-if="shownOf(item).noticed === null" @click="emit('noticed', item)">Student noticed it</NButton>
            <NButton @click="emit('lamp', item, undefined)">Works after all</NButton>
        </p>
    </section>
</template>

<style scoped>
.board {
    display: grid;
    grid-template-columns: minmax(0, 1fr) repeat(var(--places), minmax(48px, 84px));
    gap: var(--space-1);
    align-items: stretch;
    max-width: 860px;
}
.head,
.corner {
    align-self: end;
    font-size: var(--size-small);
    line-height: 1.1;
}
.head {
    text-align: center;
}
button {
    min-height: 52px;
    background: var(--panel);
    border: 2px solid var(--line);
    border-radius: var(--round-middle);
    color: var(--ink);
    cursor: pointer;
    touch-action: manipulation;
    user-select: none;
    -webkit-touch-callout: none;
}
.function {
    display: grid;
    grid-template-columns: auto 1fr auto;
    gap: var(--space-3);
    align-items: center;
    padding: 0 var(--space-3);
    text-align: left;
    font-weight: 650;
    line-height: 1.15;
    min-width: 0;
}
.function small {
    display: block;
    font-weight: 400;
}
.function.whole {
    border-color: var(--strong);
    background: color-mix(in srgb, var(--strong) 12%, var(--panel));
}
.function.partial {
    border-color: var(--part);
}
.function.faint {
    border: 3px dotted var(--ink);
}
.lamp {
    display: grid;
    place-content: center;
    justify-items: center;
    padding: 0 2px;
    font-size: 0.75rem;
    line-height: 1.1;
}
.lamp.shown {
    border-bottom: 6px solid var(--strong);
}
.lamp.dark {
    border: 3px double var(--lost);
    background: var(--ink);
    color: var(--panel);
}
.dark-list p {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-3);
    align-items: center;
    margin: 0;
}
@media (max-width: 700px) {
    .board {
        grid-template-columns: minmax(0, 1fr) repeat(var(--places), minmax(0, 50px));
    }
    .head {
        font-size: 0.7rem;
    }
    .function {
        gap: var(--space-2);
        padding: 0 var(--space-2);
        font-size: var(--size-small);
    }
    .color {
        font-size: 0.62rem;
    }
    .function :deep(svg) {
        width: 18px;
    }
    kbd {
        display: none;
    }
}
</style>
