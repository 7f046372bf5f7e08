<script setup lang="ts">
import TextField from '@/shared/TextField.vue';
import { NButton, NInput } from 'naive-ui';
import { computed, ref } from 'vue';
import { strokePath } from './strokePath';

/* Signed on the glass: kept as strokes, not as a picture. */
const props = defineProps<{
    name: string;
    party: string;
    /** Whether somebody else than who is signed in here signs: then a code of their account does, too. */
    isOther: boolean;
}>();
const emit = defineEmits<{ signed: [name: string, strokes: number[][], code: string] }>();

const strokes = ref<number[][]>([]);
const writer = ref(props.name);
const code = ref('');
let drawing = false;

function point(event: PointerEvent): [number, number] {
    const box = (event.currentTarget as Element).getBoundingClientRect();
    const within = (at: number, from: number, size: number): number =>
        Math.max(0, Math.min(1000, Math.round(((at - from) / size) * 1000)));
    return [within(event.clientX, box.left, box.width), within(event.clientY, box.top, box.height)];
}

function begin(event: PointerEvent): void {
    drawing = true;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    const [x, y] = point(event);
    // A dot is a stroke, too: it begins and ends at one point.
    strokes.value = [...strokes.value, [x, y, x, y]];
}

function draw(event: PointerEvent): void {
    if (!drawing) return;
    strokes.value.at(-1)?.push(...point(event));
    strokes.value = [...strokes.value];
}

const path = computed(() => strokePath(strokes.value));
</script>

<template>
    <div class="pad">
        <label :for="`writer-${party}`">Name</label>
        <NInput v-model:value="writer" :input-props="{ id: `writer-${party}` }" />
        <svg
            viewBox="0 0 1000 1000"
            preserveAspectRatio="none"
            role="img"
            :aria-label="`Sign here: ${party}`"
            :data-test="`pad-${party}`"
            @pointerdown="begin"
            @pointermove="draw"
            @pointerup="drawing = false"
            @pointercancel="drawing = false"
        >
            <path d="M40 780H960" class="line" />
            <path :d="path" class="ink" />
        </svg>
        <div class="acts">
            <NButton
                type="primary"
                :disabled="strokes.length === 0 || writer.trim() === ''"
                :data-test="`sign-${party}`"
                @click="emit('signed', writer.trim(), strokes, '')"
                >Sign</NButton
            >
            <NButton :disabled="strokes.length === 0" @click="strokes = []">Wipe</NButton>
            <NButton
                :disabled="strokes.length > 0 || writer.trim() === ''"
                :data-test="`sign-typed-${party}`"
                @click="emit('signed', writer.trim(), [], '')"
                >Sign by typed name</NButton
            >
        </div>
        <form v-if="isOther" class="field-line" @submit.prevent="emit('signed', name, [], code.trim())">
            <TextField v-model="code" :label="`Code from the account of ${name}`" />
            <NButton attr-type="submit" :disabled="code.trim() === ''" :data-test="`sign-code-${party}`"
                >Sign by code</NButton
            >
        </form>
        <p class="quiet">Without a pointer, the name above signs. The record then says that it was typed.</p>
    </div>
</template>

<style scoped>
.pad {
    display: grid;
    gap: var(--space-3);
}
svg {
    width: 100%;
    height: 170px;
    border: 2px solid var(--ink);
    border-radius: var(--round-large);
    background: var(--panel);
    touch-action: none;
    cursor: crosshair;
}
.ink {
    fill: none;
    stroke: var(--ink);
    stroke-width: 3;
    stroke-linecap: round;
    stroke-linejoin: round;
    vector-effect: non-scaling-stroke;
}
.line {
    stroke: var(--line);
    stroke-width: 2;
    vector-effect: non-scaling-stroke;
}
label {
    font-weight: 600;
}
</style>
