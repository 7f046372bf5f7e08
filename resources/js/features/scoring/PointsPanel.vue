<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import type { Item, PointCode } from './api';
import type { ShownItem } from './shownItems';

/* What was said of one item, point by point: tap a point to add it or take it back. */
const props = defineProps<{ item: Item; shown: ShownItem }>();
defineEmits<{ add: [PointCode]; back: [PointCode[]]; named: []; wave: []; note: []; close: [] }>();

const groups = computed(() =>
    [
        { title: 'Essential', points: props.item.essential },
        { title: 'Further', points: props.item.further },
    ].filter(({ points }) => points.length > 0),
);
const figures = computed(() => new Map(props.item.figures.map((figure) => [figure.point, figure])));
const named = computed(() => props.shown.heard.size > 0);
</script>

<template>
    <section class="panel" :aria-label="`Points of ${item.name}`">
        <header>
            <h2>{{ item.name }}</h2>
            <NButton quaternary aria-label="Close the points" @click="$emit('close')"
                >Close&nbsp;<kbd>Esc</kbd></NButton
            >
        </header>
        <p v-if="item.where" class="quiet">{{ item.where }}</p>
        <div v-for="group in groups" :key="group.title" class="group">
            <h3>{{ group.title }}</h3>
            <button
                v-for="point in group.points"
                :key="point.code"
                type="button"
                class="point"
                :class="{ on: shown.heard.has(point.code) }"
                :aria-pressed="shown.heard.has(point.code)"
                :data-point="point.code"
                @click="
                    shown.heard.has(point.code)
                        ? $emit('back', [point.code as PointCode])
                        : $emit('add', point.code as PointCode)
                "
            >
                <span class="box" aria-hidden="true">{{ shown.heard.has(point.code) ? 'said' : '' }}</span>
                <span>
                    {{ point.say }}
                    <small v-if="figures.get(point.code)" class="quiet">
                        {{ figures.get(point.code)?.source }}. {{ figures.get(point.code)?.note }}
                    </small>
                </span>
            </button>
        </div>
        <footer>
            <NButton v-if="!named" @click="$emit('named')">Only named</NButton>
            <NButton v-if="named" @click="$emit('back', ['identified'])">Not said after all</NButton>
            <NButton @click="$emit('wave')">Not fitted</NButton>
            <NButton @click="$emit('note')">Note</NButton>
        </footer>
    </section>
</template>

<style scoped>
.panel {
    background: var(--panel);
    border: 2px solid var(--ink);
    border-radius: 14px;
    padding: 16px;
    display: grid;
    gap: 12px;
    align-content: start;
}
header {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 8px;
}
.group {
    display: grid;
    gap: 8px;
}
h3 {
    font-size: 0.95rem;
    color: var(--quiet);
}
.point {
    display: grid;
    grid-template-columns: 52px 1fr;
    gap: 10px;
    align-items: center;
    text-align: left;
    min-height: 56px;
    padding: 6px 12px 6px 8px;
    background: var(--paper);
    border: 2px solid var(--line);
    border-radius: 10px;
    cursor: pointer;
    touch-action: manipulation;
}
.point.on {
    border-color: var(--strong);
}
.box {
    height: 36px;
    display: grid;
    place-items: center;
    border: 2px dashed var(--line);
    border-radius: 8px;
    font-weight: 700;
    font-size: 0.85rem;
}
.on .box {
    background: var(--strong);
    color: var(--strongInk);
    border: 0;
}
small {
    display: block;
}
footer {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
}
</style>
