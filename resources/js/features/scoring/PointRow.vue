<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';
import type { Point } from '@/shared/attempt/api';

/* One point: tap it for said or not; the side button is for what was said wrong. */
defineProps<{
    point: Point;
    figure: Schemas['FigureResource'] | undefined;
    heard: boolean;
    wrong: boolean;
    hotkey: string;
}>();
defineEmits<{ toggle: []; wrong: [how?: string]; figure: [] }>();
</script>

<template>
    <div class="row" :class="{ on: heard, off: wrong }">
        <button type="button" class="point" :aria-pressed="heard" :data-point="point.code" @click="$emit('toggle')">
            <span class="box" aria-hidden="true">{{ heard ? 'said' : wrong ? 'wrong' : '' }}</span>
            <span>
                {{ point.say }}
                <small v-if="figure" class="quiet">{{ figure.source }}. {{ figure.note }}</small>
            </span>
            <kbd>{{ hotkey }}</kbd>
        </button>
        <button
            type="button"
            class="wrong"
            :aria-pressed="wrong"
            :aria-label="`${point.label}: said wrong`"
            :data-wrong="point.code"
            @click="$emit('wrong')"
        >
            wrong
        </button>
        <div v-if="figure" class="figures">
            <button type="button" :data-figure="point.code" @click="$emit('figure')">other figure …</button>
            <button
                v-if="figure.one_sided"
                type="button"
                :data-round="point.code"
                @click="$emit('wrong', 'the wrong way round')"
            >
                wrong way round
            </button>
            <button type="button" :data-none="point.code" @click="$emit('wrong', 'wrong, no figure noted')">
                wrong, not noted
            </button>
        </div>
    </div>
</template>

<style scoped>
.row {
    display: grid;
    grid-template-columns: 1fr 68px;
    background: var(--paper);
    border: 2px solid var(--line);
    border-radius: var(--round-middle);
    overflow: hidden;
}
.row.on {
    border-color: var(--strong);
}
.row.off {
    border-color: var(--lost);
}
button {
    background: none;
    border: 0;
    cursor: pointer;
    touch-action: manipulation;
    min-height: 56px;
}
.point {
    display: grid;
    grid-template-columns: 52px 1fr auto;
    gap: var(--space-4);
    align-items: center;
    text-align: left;
    padding: var(--space-2) var(--space-4) var(--space-2) var(--space-3);
}
.box {
    height: 36px;
    display: grid;
    place-items: center;
    border: 2px dashed var(--line);
    border-radius: var(--round-middle);
    font-weight: 700;
    font-size: var(--size-small);
}
.on .box {
    background: var(--strong);
    color: var(--strongInk);
    border: 0;
}
.off .box {
    border: 2px solid var(--lost);
    color: var(--lost);
}
.wrong {
    border-left: 2px solid var(--line);
    font-size: var(--size-small);
    color: var(--quiet);
}
.figures {
    grid-column: 1 / -1;
    display: grid;
    grid-auto-flow: column;
    grid-auto-columns: 1fr;
    border-top: 2px solid var(--line);
}
.figures button {
    min-height: 48px;
    font-size: var(--size-small);
    color: var(--ink);
}
.figures button + button {
    border-left: 2px solid var(--line);
}
.wrong[aria-pressed='true'] {
    background: var(--lost);
    color: var(--panel);
}
small {
    display: block;
}
</style>
