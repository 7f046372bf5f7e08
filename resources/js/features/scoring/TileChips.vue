<script setup lang="ts">
import { computed } from 'vue';
import type { Item } from '@/shared/attempt/api';
import type { ShownItem } from '@/shared/attempt/shownItems';
import { pointsOf } from '@/shared/attempt/halves';

/* Every point of an item, to tap or to stroke over: half said costs no more than said. */
const props = defineProps<{
    item: Item;
    shown: ShownItem;
    silent: boolean;
    /** Points that the listener proposes. */
    heard: ReadonlySet<string>;
    swept: ReadonlySet<string>;
}>();
defineEmits<{ tap: [code: string]; part: []; sweep: [event: PointerEvent, id: string] }>();

const idOf = (code: string): string => `${props.item.id} ${code}`;
/* Before anything is known of it, the first says that it was said in part; then, that it was named and no more. */
const isNew = computed(() => props.shown.heard.size === 0 && props.shown.wrong.size === 0);
const chips = computed(() => {
    const essential = new Set(props.item.essential.map(({ code }) => code));
    return pointsOf(props.item).map(({ code, label }) => ({
        code,
        label,
        id: idOf(code),
        on: props.shown.heard.has(code),
        off: props.shown.wrong.has(code),
        essential: essential.has(code),
        heard: props.heard.has(code),
        swept: props.swept.has(idOf(code)),
    }));
});
</script>

<template>
    <div class="chips" :class="{ silent }" role="group" :aria-label="`What was said of ${item.name}`">
        <button
            type="button"
            class="chip"
            :class="{ on: shown.heard.has('identified') && !shown.pointsOpen, open: shown.pointsOpen }"
            :aria-pressed="!isNew"
            :data-chip="idOf('identified')"
            @pointerdown="$emit('sweep', $event, idOf('identified'))"
            @click="isNew ? $emit('part') : $emit('tap', 'identified')"
        >
            {{ isNew || shown.pointsOpen ? 'in part' : 'named' }}
        </button>
        <button
            v-for="chip in chips"
            :key="chip.code"
            type="button"
            class="chip"
            :class="{ on: chip.on, off: chip.off, essential: chip.essential, heard: chip.heard, swept: chip.swept }"
            :aria-pressed="chip.on"
            :data-chip="chip.id"
            @pointerdown="$emit('sweep', $event, chip.id)"
            @click="$emit('tap', chip.code)"
        >
            {{ chip.label }}
        </button>
    </div>
</template>

<style scoped>
.chips {
    display: grid;
    grid-auto-flow: column;
    grid-auto-columns: minmax(min-content, 1fr);
    border-top: 2px solid var(--line);
}
/* Down the list the finger scrolls; across the points it takes what it crosses. */
.chip {
    min-height: 48px;
    padding: 0 2px;
    border: 0;
    border-bottom: 4px solid transparent;
    background: none;
    color: var(--ink);
    font-size: var(--size-small);
    line-height: 1.1;
    cursor: pointer;
    touch-action: pan-y;
}
.chip + .chip {
    border-left: 1px solid var(--line);
}
.essential {
    font-weight: 650;
}
.on {
    background: color-mix(in srgb, var(--strong) 18%, var(--panel));
    border-bottom-color: var(--strong);
}
.off {
    border-bottom-color: var(--lost);
    text-decoration: line-through;
}
@media (max-width: 900px) {
    .chip {
        font-size: 0.8rem;
    }
}
/* Over a shoulder, said and not said look nearly alike. */
.silent .chip.on,
.silent .chip.off {
    background: none;
    border-bottom-color: var(--quiet);
    text-decoration: none;
}
.open,
.heard:not(.on) {
    border-bottom: 4px dotted var(--ink);
}
.swept {
    background: var(--sunken);
    box-shadow: inset 0 0 0 2px var(--ink);
}
</style>
