<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';
import { computed } from 'vue';
import type { PlanLayout } from './planLayout';
import { axlePart, partShapes } from './planParts';
import { unitShapes } from './planShapes';

/* The vehicle from above, front to the left, drawn from its own description. */
const props = defineProps<{
    units: Schemas['UnitResource'][];
    layout: PlanLayout;
    /** How much of each part is heard, from 0 to 1. */
    shares: ReadonlyMap<string, number>;
    /** Whether each unit is asked for what it has. */
    byUnit: boolean;
}>();

const parts = computed(() => partShapes(props.units, props.layout, props.byUnit));

const shapes = computed(() => props.units.flatMap((unit, index) => unitShapes(unit, index, props.layout)));

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
                part: axlePart(axle.group, unit.id, props.byUnit),
                lift: axle.lift,
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
            <path v-if="wheel.lift" :d="`M${wheel.x} ${wheel.y - 4}h${wheel.length}`" class="lifts" />
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
.lifts {
    stroke: var(--quiet);
    stroke-width: 3;
    stroke-dasharray: 3 3;
}
.gap {
    stroke: var(--paper);
    stroke-width: 2;
}
</style>
