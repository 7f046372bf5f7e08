<script setup lang="ts">
import TapButton from '@/shared/TapButton.vue';
import { NButton } from 'naive-ui';
import { computed, ref, watch } from 'vue';
import type { Item, PointCode } from '@/shared/attempt/api';
import DefectForm from './DefectForm.vue';
import FigureBox from './FigureBox.vue';
import { wordsOfHalf } from '@/shared/attempt/halves';
import PointRow from './PointRow.vue';
import type { ShownItem } from '@/shared/attempt/shownItems';
import type { SaidOf } from '@/shared/attempt/markMaker';
import { pointKeyOf } from './tileKeys';
import type { OpenAttempt } from '@/shared/attempt/useAttempt';

/* What was said of one item, point by point: tap a point to add it or take it back. */
const props = defineProps<{
    item: Item;
    shown: ShownItem;
    walk: OpenAttempt;
    bothSides: boolean;
    halves: PointCode[][];
}>();
const emit = defineEmits<{ note: []; close: [] }>();

const asking = ref<string>();
/** Of which side the next taps are, of a part that is needed on both. */
const side = ref<SaidOf>();
const sides: { value: SaidOf; label: string }[] = [
    { value: undefined, label: 'Both sides' },
    { value: 'left', label: 'Left' },
    { value: 'right', label: 'Right' },
];
const isAboutDefect = ref(false);
const isAskedNotEquipped = ref(false);
// The panel goes along with the taps: what was begun for one part is not about the next.
watch(
    () => props.item.id,
    () => {
        asking.value = undefined;
        side.value = undefined;
        isAboutDefect.value = isAskedNotEquipped.value = false;
    },
);
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
/** The place is done, and by the checklist's rule what is said of it now earns nothing. */
const tooLate = computed(() => {
    const place = props.walk.places.value.find(({ items }) => items.some(({ id }) => id === props.item.id));
    return place !== undefined && props.walk.sheet.value?.shut.includes(place.id) === true ? place.name : undefined;
});

function toggle(code: PointCode): void {
    if (props.shown.heard.has(code)) props.walk.mark.takeBack(props.item, [code], side.value);
    else props.walk.mark.hearPoints(props.item, [code], side.value);
}

function wrong(code: PointCode, how?: string): void {
    if (how === undefined && props.shown.wrong.has(code)) props.walk.mark.takeBack(props.item, [code], side.value);
    else props.walk.mark.sayWrong(props.item, [code], how, side.value);
}

function heard(code: PointCode, value: number): void {
    asking.value = undefined;
    props.walk.mark.hearFigure(props.item, code, value, side.value);
}

/** A part that the vehicle's file has is not waved off by a slip of the thumb. */
function wave(): void {
    if (props.item.fitted && !isAskedNotEquipped.value) {
        isAskedNotEquipped.value = true;
        return;
    }
    isAskedNotEquipped.value = false;
    props.walk.mark.wave(props.item);
}

function noticed(text: string): void {
    props.walk.mark.noticeDefect(props.item, text, side.value);
    isAboutDefect.value = false;
}

/** It is there for this walk, and the student is to find it. */
function planted(text: string): void {
    props.walk.mark.plantDefect(props.item, text, side.value);
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
    <section class="panel" :data-of="item.id" :aria-label="`Points of ${item.name}`">
        <header>
            <h2>{{ item.name }}</h2>
            <NButton quaternary @click="emit('close')">Close&nbsp;<kbd>Esc</kbd></NButton>
        </header>
        <p v-if="item.where" class="quiet">{{ item.where }}</p>
        <p v-if="item.parts.length > 0" class="quiet">Stands for {{ item.parts.join(', ') }}</p>
        <p v-if="known" class="defect">Known defect: {{ known }}</p>
        <p v-if="shown.noticed" class="defect">Defect noticed by the student: {{ shown.noticed }}</p>
        <p v-if="tooLate" class="late">
            The student left {{ tooLate }}: under this checklist, what is said of it now comes too late to count.
        </p>
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
        <div
            v-if="halves.length > 1"
            class="halves"
            role="group"
            aria-label="Usually said of it when only half is said"
        >
            <TapButton
                v-for="half in halves"
                :key="half.join()"
                :data-half="half.join(' ')"
                @click="walk.mark.hearJust(item, half, shown.heard)"
                >{{ wordsOfHalf(item, half) }}</TapButton
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
                    @wrong="(how) => wrong(point.code as PointCode, how)"
                    @figure="asking = asking === point.code ? undefined : point.code"
                />
                <FigureBox
                    v-if="asking === point.code && figures.get(point.code)"
                    :figure="figures.get(point.code)!"
                    @heard="(value) => heard(point.code as PointCode, value)"
                    @close="asking = undefined"
                />
            </template>
        </div>
        <DefectForm v-if="isAboutDefect" :known="known" @noticed="noticed" @planted="planted" />
        <div v-if="isAskedNotEquipped" class="ask" role="alert">
            <span>This vehicle's file has a {{ item.name.toLowerCase() }}. Is it not there?</span>
            <NButton type="primary" data-test="not-equipped" @click="wave">Not equipped</NButton>
            <NButton @click="isAskedNotEquipped = false">It is there</NButton>
        </div>
        <footer>
            <NButton v-if="!named" @click="walk.mark.hearPoints(item, [])">Named only</NButton>
            <NButton v-if="named" @click="walk.mark.takeBack(item, ['identified'])">Not said</NButton>
            <NButton data-test="wave" @click="wave">Not equipped</NButton>
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
.late {
    color: var(--late);
    font-weight: 600;
}
footer,
.sides,
.halves,
.ask {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-3);
    align-items: center;
}
</style>
