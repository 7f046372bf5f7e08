<script setup lang="ts">
import TapButton from '@/shared/TapButton.vue';
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import type { Item, PointCode } from '@/shared/attempt/api';
import FigureBox from './FigureBox.vue';
import PointRow from './PointRow.vue';
import type { ShownItem } from '@/shared/attempt/shownItems';
import type { SaidOf } from '@/shared/attempt/markMaker';
import { pointKeyOf } from './tileKeys';
import type { OpenAttempt } from '@/shared/attempt/useAttempt';

/* What was said of one item, point by point: tap a point to add it or take it back. */
const props = defineProps<{ item: Item; shown: ShownItem; walk: OpenAttempt; bothSides: boolean }>();
const emit = defineEmits<{ note: []; close: [] }>();

const asking = ref<string>();
const defect = ref('');
/** Of which side the next taps are, of a part that is needed on both. */
const side = ref<SaidOf>();
const sides: { value: SaidOf; label: string }[] = [
    { value: undefined, label: 'Both sides' },
    { value: 'left', label: 'Left' },
    { value: 'right', label: 'Right' },
];
const isAboutDefect = ref(false);
const known = computed(() => props.shown.defect ?? props.item.defect);
const groups = computed(() => {
    let turn = 0;
    return [
        { title: 'Essential', points: props.item.essential },
        { title: 'Further', points: props.item.further },
    ]
        .filter(({ points }) => points.length > 0)
        .map(({ title, points }) => ({
            title,
            points: points.map((point) => ({ ...point, key: pointKeyOf(turn++) })),
        }));
});
const figures = computed(() => new Map(props.item.figures.map((figure) => [figure.point, figure])));
const named = computed(() => props.shown.heard.size > 0 || props.shown.wrong.size > 0);

function toggle(code: PointCode): void {
    if (props.shown.heard.has(code)) props.walk.mark.takeBack(props.item, [code], side.value);
    else props.walk.mark.hearPoints(props.item, [code], side.value);
}

function wrong(code: PointCode): void {
    if (figures.value.has(code)) asking.value = asking.value === code ? undefined : code;
    else if (props.shown.wrong.has(code)) props.walk.mark.takeBack(props.item, [code], side.value);
    else props.walk.mark.sayWrong(props.item, [code], undefined, side.value);
}

function heard(code: PointCode, value: number): void {
    asking.value = undefined;
    props.walk.mark.hearFigure(props.item, code, value, side.value);
}

function notice(): void {
    const said = defect.value.trim();
    props.walk.mark.noticeDefect(props.item, said === '' ? 'noticed' : said, side.value);
    isAboutDefect.value = false;
}

/** It is there for this walk, and the student is to find it. */
function plant(): void {
    props.walk.mark.plantDefect(props.item, defect.value.trim(), side.value);
    defect.value = '';
    isAboutDefect.value = false;
}

defineExpose({
    /** The n-th point from the top, by its letter. */
    press(index: number): void {
        const point = groups.value.flatMap(({ points }) => points)[index];
        if (point !== undefined) toggle(point.code as PointCode);
    },
});
</script>

<template>
    <section class="panel" :aria-label="`Points of ${item.name}`">
        <header>
            <h2>{{ item.name }}</h2>
            <NButton quaternary @click="emit('close')">Close&nbsp;<kbd>Esc</kbd></NButton>
        </header>
        <p v-if="item.where" class="quiet">{{ item.where }}</p>
        <p v-if="item.parts.length > 0" class="quiet">Stands for {{ item.parts.join(', ') }}</p>
        <p v-if="known" class="defect">Known defect: {{ known }}</p>
        <div v-if="item.two_sided && bothSides" class="sides">
            <NButton @click="walk.mark.hearSide(item, 'left')">Left side complete</NButton>
            <NButton @click="walk.mark.hearSide(item, 'right')">Right side complete</NButton>
        </div>
        <div v-if="item.two_sided && bothSides" class="sides" role="group" aria-label="Side of the points">
            <TapButton
                v-for="{ value, label } in sides"
                :key="label"
                :on="side === value"
                :aria-pressed="side === value"
                :data-side="value ?? 'both'"
                @click="side = value"
                >{{ label }}</TapButton
            >
        </div>
        <div v-for="group in groups" :key="group.title" class="group">
            <h3>{{ group.title }}</h3>
            <template v-for="point in group.points" :key="point.code">
                <PointRow
                    :point="point"
                    :figure="figures.get(point.code)"
                    :heard="shown.heard.has(point.code)"
                    :wrong="shown.wrong.has(point.code)"
                    :hotkey="point.key"
                    @toggle="toggle(point.code as PointCode)"
                    @wrong="wrong(point.code as PointCode)"
                />
                <FigureBox
                    v-if="asking === point.code && figures.get(point.code)"
                    :figure="figures.get(point.code)!"
                    @heard="(value) => heard(point.code as PointCode, value)"
                    @close="asking = undefined"
                />
            </template>
        </div>
        <form v-if="isAboutDefect" class="notice" @submit.prevent="notice">
            <label for="defect">What did the student notice, or what is planted here?</label>
            <input id="defect" v-model="defect" maxlength="200" :placeholder="known ?? 'as said'" />
            <NButton attr-type="submit" type="primary">Noticed</NButton>
            <NButton :disabled="defect.trim() === ''" data-test="plant" @click="plant">Planted</NButton>
        </form>
        <footer>
            <NButton v-if="!named" @click="walk.mark.hearPoints(item, [])">Named only</NButton>
            <NButton v-if="named" @click="walk.mark.takeBack(item, ['identified'])">Not said</NButton>
            <NButton @click="walk.mark.wave(item)">Not equipped</NButton>
            <NButton data-test="defect" @click="isAboutDefect = !isAboutDefect">Defect</NButton>
            <NButton @click="walk.mark.lookAgain(item)">Flag for debrief</NButton>
            <NButton @click="emit('note')">Note</NButton>
        </footer>
    </section>
</template>

<style scoped>
.panel {
    background: var(--panel);
    border: 2px solid var(--ink);
    border-radius: var(--round-large);
    padding: var(--space-6);
    display: grid;
    gap: var(--space-5);
    align-content: start;
}
header {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: var(--space-3);
}
.group {
    display: grid;
    gap: var(--space-3);
}
h3 {
    font-size: var(--size-quiet);
    color: var(--quiet);
}
.defect {
    color: var(--lost);
    font-weight: 600;
}
footer,
.sides,
.notice {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-3);
    align-items: center;
}
.notice label {
    font-weight: 600;
    width: 100%;
}
.notice input {
    flex: 1;
    min-width: 140px;
    min-height: 48px;
    font: inherit;
    color: inherit;
    background: var(--paper);
    border: 2px solid var(--line);
    border-radius: var(--round-middle);
    padding: 0 var(--space-5);
}
</style>
