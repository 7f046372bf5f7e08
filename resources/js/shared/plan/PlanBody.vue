<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';
import { computed } from 'vue';
import type { PlanLayout } from './planLayout';
import { partShapes, type Part } from './planParts';

/* The vehicle from above, front to the left, drawn from its own description. */
const props = defineProps<{
    units: Schemas['UnitResource'][];
    layout: PlanLayout;
    /** How much of each part is heard, from 0 to 1. */
    shares: ReadonlyMap<Part, number>;
}>();

const mid = computed(() => (props.layout.top + props.layout.bottom) / 2);
const half = computed(() => (props.layout.bottom - props.layout.top) / 2);

const parts = computed(() => partShapes(props.units, props.layout));

interface Shape {
    key: string;
    d: string;
    kind: 'body' | 'frame' | 'load' | 'slat';
}

const box = (x1: number, x2: number, reach: number): string => {
    const y = mid.value;
    return `M${x1} ${y - reach}H${x2}V${y + reach}H${x1}z`;
};

const shapes = computed<Shape[]>(() =>
    props.units.flatMap((unit, index) => {
        const { xOf } = props.layout;
        const [from, to] = [xOf(unit.from_ft), xOf(unit.to_ft)];
        const h = half.value;
        const out: Shape[] = [];
        const add = (kind: Shape['kind'], d: string): void => void out.push({ key: `${index}-${out.length}`, kind, d });
        if (unit.kind === 'bus') {
            // One box from end to end; the windows tell it from a van.
            add('body', box(from, to, h));
            for (let x = from + 34; x < to - 10; x += 30)
                add('slat', `M${x} ${mid.value - h}v7M${x} ${mid.value + h}v-7`);
            add('slat', `M${from + 12} ${mid.value - h * 0.9}V${mid.value + h * 0.9}`);
        } else if (unit.kind !== 'semitrailer') {
            const cabFrom = xOf(unit.from_ft + 5.5);
            const cabTo = xOf(unit.from_ft + (unit.kind === 'sleeper-tractor' ? 15 : 10.5));
            add('frame', box(cabFrom, to, h * 0.34));
            add(
                'body',
                [
                    `M${cabFrom} ${mid.value - h * 0.8}L${from + 8} ${mid.value - h * 0.62}`,
                    `Q${from} ${mid.value} ${from + 8} ${mid.value + h * 0.62}L${cabFrom} ${mid.value + h * 0.8}z`,
                ].join(''),
            );
            add('body', box(cabFrom, cabTo, h));
            if (unit.body === 'stake-bed') add('load', box(cabTo + 6, to, h));
        } else {
            add('frame', box(from, to, h * 0.34));
        }
        if (unit.body === 'van' || unit.body === 'refrigerated') add('load', box(from, to, h));
        if (unit.body === 'refrigerated') {
            add('body', box(from - 9, from, h * 0.62));
            add('slat', `M${from - 4.5} ${mid.value - h * 0.4}V${mid.value + h * 0.4}`);
        }
        if (unit.body === 'flatbed') {
            add('load', box(from, to, h));
            add('body', box(from, from + 7, h));
            for (const lane of [-0.5, 0, 0.5]) add('slat', `M${from + 7} ${mid.value + h * lane}H${to}`);
        }
        if (unit.body === 'hopper') {
            add('load', box(from, to, h));
            for (const [a, b] of [
                [0.06, 0.48],
                [0.52, 0.94],
            ] as const) {
                const [x1, x2] = [from + (to - from) * a, from + (to - from) * b];
                const cx = (x1 + x2) / 2;
                add(
                    'slat',
                    [x1, x2].map((x) => `M${x} ${mid.value - h}L${cx} ${mid.value}L${x} ${mid.value + h}`).join(''),
                );
            }
        }
        if (unit.body === 'tanker') {
            add(
                'load',
                [
                    `M${from + h} ${mid.value - h * 0.85}H${to - h}`,
                    `A${h * 0.9} ${h * 0.85} 0 0 1 ${to - h} ${mid.value + h * 0.85}H${from + h}`,
                    `A${h * 0.9} ${h * 0.85} 0 0 1 ${from + h} ${mid.value - h * 0.85}z`,
                ].join(''),
            );
            for (const at of [0.3, 0.5, 0.7]) {
                const x = from + (to - from) * at;
                add('body', `M${x - 6} ${mid.value}a6 6 0 1 0 12 0a6 6 0 1 0 -12 0`);
            }
        }
        if (unit.body === 'container-chassis') {
            for (const at of [0.01, 0.34, 0.67, 0.99]) {
                const x = from + (to - from) * at;
                add('load', box(Math.max(from, x - 4), Math.min(to, x + 4), h));
            }
        }
        if (unit.body === 'stake-bed') {
            const start = xOf(unit.from_ft + 11);
            for (let x = start + 16; x < to - 6; x += 26) add('slat', `M${x} ${mid.value - h}V${mid.value + h}`);
        }
        return out;
    }),
);

const wheels = computed(() =>
    props.units.flatMap((unit) =>
        unit.axles.flatMap((axle) => {
            const x = props.layout.xOf(axle.at_ft);
            const length = Math.min(30, props.layout.scale * 3.1);
            const thick = axle.duals ? 15 : 9;
            return [props.layout.top - 3, props.layout.bottom + 3 - thick].map((y, side) => ({
                key: `${axle.id}-${side}`,
                x: x - length / 2,
                y,
                length,
                thick,
                duals: axle.duals,
                part: axle.id.split('-')[0] as Part,
            }));
        }),
    ),
);
</script>

<template>
    <g class="vehicle" aria-hidden="true">
        <path v-for="shape in shapes" :key="shape.key" :d="shape.d" :class="shape.kind" />
        <path
            v-for="(one, n) in parts"
            :key="`part-${n}`"
            :d="one.d"
            class="heard"
            :data-part="one.part"
            :style="{ fillOpacity: 0.7 * (shares.get(one.part) ?? 0) }"
        />
        <g v-for="wheel in wheels" :key="wheel.key">
            <rect :x="wheel.x" :y="wheel.y" :width="wheel.length" :height="wheel.thick" rx="3" class="wheel" />
            <rect
                :x="wheel.x"
                :y="wheel.y"
                :width="wheel.length"
                :height="wheel.thick"
                rx="3"
                class="heard"
                :style="{ fillOpacity: shares.get(wheel.part) ?? 0 }"
            />
            <path v-if="wheel.duals" :d="`M${wheel.x} ${wheel.y + wheel.thick / 2}h${wheel.length}`" class="gap" />
        </g>
    </g>
</template>

<style scoped>
path {
    stroke: var(--route);
    stroke-width: 1.5;
}
.body {
    fill: var(--panel);
    stroke: var(--quiet);
    stroke-width: 2;
}
.frame {
    fill: var(--sunken);
}
.load {
    fill: var(--panel);
    fill-opacity: 0.75;
}
.slat {
    fill: none;
}
.heard {
    fill: var(--strong);
    stroke: none;
}
.wheel {
    fill: var(--quiet);
}
.gap {
    stroke: var(--paper);
    stroke-width: 2;
}
</style>
