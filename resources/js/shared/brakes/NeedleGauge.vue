<script setup lang="ts">
import { computed, useTemplateRef } from 'vue';
import { LOW_AIR_PSI } from './lowAir';

/* One air gauge: a fan of ticks from 0 to 150 psi, a needle, and the figure under it. A thumb may lay the needle. */
const {
    label,
    psi,
    turnable,
    low = LOW_AIR_PSI,
} = defineProps<{
    label: string;
    psi: number;
    turnable?: boolean;
    /** Below it the ticks are those of low air, psi. */
    low?: number | undefined;
}>();
const emit = defineEmits<{ turned: [psi: number] }>();
const MOST = 150;
const turn = (psi: number): number => -112 + (224 * Math.min(MOST, Math.max(0, psi))) / MOST;
const ticks = Array.from({ length: 16 }, (_, n) => n * 10);
const needle = computed(() => turn(psi));
const face = useTemplateRef('face');
/** How far the hub stands below the top of the drawing. */
const HUB = 122 / 178;

function setByThumb(event: PointerEvent): void {
    if (!turnable || face.value === null || (event.type === 'pointermove' && event.buttons === 0)) return;
    const { left, top, width, height } = face.value.getBoundingClientRect();
    const degrees = (Math.atan2(event.clientX - left - width / 2, top + height * HUB - event.clientY) * 180) / Math.PI;
    emit('turned', Math.round((MOST * (Math.min(112, Math.max(-112, degrees)) + 112)) / 224));
}
</script>

<template>
    <figure class="gauge" :aria-label="`${label}: ${Math.round(psi)} psi`">
        <svg
            ref="face"
            :class="{ turnable }"
            viewBox="-126 -122 252 178"
            role="img"
            :aria-label="`${label} gauge at ${Math.round(psi)} psi`"
            @pointerdown="setByThumb"
            @pointermove="setByThumb"
        >
            <g v-for="tick in ticks" :key="tick" :transform="`rotate(${turn(tick)})`">
                <line y1="-92" :y2="tick % 50 === 0 ? -70 : -80" :class="{ low: tick < low }" />
            </g>
            <text
                v-for="tick in [0, 50, 100, 150]"
                :key="`n${tick}`"
                :x="110 * Math.sin((turn(tick) * Math.PI) / 180)"
                :y="-110 * Math.cos((turn(tick) * Math.PI) / 180) + 5"
            >
                {{ tick }}
            </text>
            <g :transform="`rotate(${needle})`"><path d="M-5 14 L0 -86 L5 14 Z" /></g>
            <circle r="9" />
        </svg>
        <figcaption v-if="!turnable">
            <strong class="numeral">{{ Math.round(psi) }}</strong> psi, {{ label }}
        </figcaption>
    </figure>
</template>

<style scoped>
.gauge {
    margin: 0;
    text-align: center;
}
svg {
    width: 100%;
    max-width: 260px;
}
@media (max-width: 900px) {
    svg {
        max-height: 120px;
    }
}
line {
    stroke: var(--ink);
    stroke-width: 3;
}
line.low {
    stroke: var(--lost);
    stroke-dasharray: 4 3;
}
text {
    font: 600 17px var(--text-face);
    fill: var(--ink);
    text-anchor: middle;
}
path,
circle {
    fill: var(--ink);
}
.turnable {
    cursor: grab;
    touch-action: none;
}
figcaption strong {
    font-size: var(--size-head);
}
</style>
