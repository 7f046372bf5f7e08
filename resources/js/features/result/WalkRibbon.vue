<script setup lang="ts">
import { useLight } from '@/shared/light/useLight';
import { chartBase } from '@/shared/charts/setup';
import { minutes } from '@/shared/format';
import { states } from '@/shared/glyphs/states';
import { computed } from 'vue';
import VChart from 'vue-echarts';
import type { Result } from './api';

/* Time to the right, the expected order of sections downwards: a walk in order falls evenly from left to right. */
const props = defineProps<{ result: Result }>();
const { light } = useLight();

const option = computed(() => {
    const { tokens, axis, option: base } = chartBase(light.value);
    const { inspection, sheet, visits } = props.result;
    const sectionNames = inspection.sections.map(({ name }) => name);
    const sectionOf = new Map(
        inspection.places.map((place) => [place.id, inspection.sections.findIndex(({ id }) => id === place.section)]),
    );
    const items = new Map(
        inspection.places.flatMap((place) =>
            place.items.map((item) => [item.id, { item, row: sectionOf.get(place.id) ?? 0 }]),
        ),
    );
    const named = sheet.outcomes.filter((outcome) => outcome.first_at_ms !== null);
    const point = (outcome: (typeof named)[number]) => {
        const found = items.get(outcome.item);
        const at = outcome.first_at_ms ?? 0;
        const name = [found?.item.name ?? outcome.item, found?.item.where].filter(Boolean).join(', ');
        return {
            value: [at, found?.row ?? 0],
            name: `${minutes(at)} ${name}: ${states[outcome.status].word}`,
        };
    };
    const series = (stray: boolean) => ({
        type: 'scatter',
        symbol: stray ? 'diamond' : 'rect',
        symbolSize: stray ? 14 : [4, 20],
        itemStyle: { opacity: 1, color: stray ? tokens.lost : tokens.strong },
        data: named.filter((outcome) => outcome.out_of_place === stray).map(point),
    });
    return {
        ...base,
        grid: { left: 210, right: 24, top: 8, bottom: 34 },
        xAxis: {
            type: 'value',
            min: 0,
            max: sheet.duration_ms,
            ...axis,
            splitLine: { show: false },
            axisLabel: { ...axis.axisLabel, formatter: (at: number) => minutes(at) },
            interval: 300_000,
        },
        yAxis: {
            type: 'category',
            data: sectionNames,
            inverse: true,
            ...axis,
            axisLabel: { ...axis.axisLabel, color: tokens.ink, width: 196, overflow: 'truncate' },
            splitLine: { show: true, lineStyle: { color: tokens.line } },
        },
        tooltip: { ...base.tooltip, formatter: ({ name }: { name: string }) => name },
        series: [
            {
                type: 'line',
                step: 'end',
                silent: true,
                symbol: 'none',
                lineStyle: { color: tokens.route, width: 2, type: 'dashed' },
                data: visits.flatMap((visit) => [
                    [visit.from_ms, sectionOf.get(visit.place) ?? 0],
                    [visit.to_ms, sectionOf.get(visit.place) ?? 0],
                ]),
            },
            series(false),
            series(true),
        ],
    };
});
</script>

<template>
    <VChart :option="option" autoresize :init-options="{ renderer: 'svg' }" />
</template>
