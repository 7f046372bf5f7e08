import { displayFace, textFace, tokensOf, type Light } from '@/shared/light/theme';
import { LineChart, ScatterChart } from 'echarts/charts';
import { AriaComponent, GridComponent, TooltipComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';

use([LineChart, ScatterChart, GridComponent, TooltipComponent, AriaComponent, SVGRenderer]);

/** What every chart of Pasada shares: faces, ink and quiet lines. */
export function chartBase(light: Light) {
    const t = tokensOf(light);
    const axis = {
        axisLine: { lineStyle: { color: t.quiet } },
        axisTick: { show: false },
        axisLabel: { color: t.quiet, fontSize: 14, fontFamily: textFace },
        splitLine: { lineStyle: { color: t.line } },
    };
    return {
        tokens: t,
        axis,
        option: {
            aria: { enabled: true },
            animation: false,
            textStyle: { fontFamily: textFace, color: t.ink },
            tooltip: {
                // Names of parts come from checklists that anybody may bring in: shown as text, never run as HTML.
                renderMode: 'richText' as const,
                backgroundColor: t.panel,
                borderColor: t.ink,
                textStyle: { color: t.ink, fontFamily: textFace, fontSize: 15 },
            },
        },
        displayFace,
    };
}
