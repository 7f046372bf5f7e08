<script setup lang="ts">
import { useLight } from '@/shared/light/useLight';
import type { Schemas } from '@/shared/api/client';
import { day, percent } from '@/shared/format';
import { standings } from '@/shared/standing';
import { computed } from 'vue';
import VChart from 'vue-echarts';
import { chartBase } from './setup';

/* Share earned in each walk over the days: a full wheel passed, an open one did not. */
const props = defineProps<{ attempts: Schemas['AttemptCardResource'][]; highlight?: string | undefined }>();
const { light } = useLight();

const option = computed(() => {
    const { tokens, axis, option: base } = chartBase(light.value);
    return {
        ...base,
        grid: { left: 52, right: 28, top: 28, bottom: 32 },
        xAxis: {
            type: 'time',
            minInterval: 7 * 86_400_000,
            ...axis,
            splitLine: { show: false },
            axisLabel: {
                ...axis.axisLabel,
                formatter: (at: number) => day(new Date(at).toISOString()),
                hideOverlap: true,
            },
        },
        yAxis: {
            type: 'value',
            min: (range: { min: number }) => Math.max(0, Math.floor(range.min / 10 - 1) * 10),
            max: 100,
            ...axis,
            axisLabel: { ...axis.axisLabel, formatter: '{value}%' },
        },
        series: [
            {
                type: 'line',
                lineStyle: { color: tokens.quiet, width: 2 },
                symbol: 'circle',
                data: props.attempts.map((attempt) => ({
                    value: [attempt.started_at, (attempt.permille ?? 0) / 10],
                    name: [
                        `${day(attempt.started_at)}: ${percent(attempt.permille ?? 0)}`,
                        attempt.standing === null ? '' : standings[attempt.standing].word.toLowerCase(),
                    ].join(', '),
                    symbolSize: attempt.id === props.highlight ? 24 : 15,
                    itemStyle: {
                        color: attempt.standing === 'passed' ? tokens.strong : tokens.paper,
                        borderColor: attempt.standing === 'passed' ? tokens.strong : tokens.lost,
                        borderWidth: 3,
                    },
                })),
            },
        ],
        tooltip: { ...base.tooltip, formatter: ({ name }: { name: string }) => name },
    };
});
</script>

<template>
    <VChart :option="option" autoresize :init-options="{ renderer: 'svg' }" />
</template>
