<script setup lang="ts">
import { percent } from '@/shared/format';
import { states } from '@/shared/glyphs/states';
import { standings } from '@/shared/standing';
import type { Result } from './api';

/* A record keeps the verdict of the scoring that closed it; what today's would say is told beside it. */
defineProps<{ earlier: NonNullable<Result['earlier_scoring']> }>();
</script>

<template>
    <section class="earlier" data-test="earlier-scoring">
        <h2>Scored by version {{ earlier.engine }} of the scoring</h2>
        <p>
            This record keeps its verdict. Version {{ earlier.current }}, which is used today, would say of the same
            marks: {{ standings[earlier.standing].word }}, {{ percent(earlier.permille)
            }}{{ earlier.changes.length === 0 ? '; every item stands the same.' : '.' }}
        </p>
        <details v-if="earlier.changes.length > 0">
            <summary>{{ earlier.changes.length }} items it scores differently</summary>
            <ul>
                <li v-for="change in earlier.changes" :key="change.item">
                    {{ change.name }}: {{ states[change.was].word }}, now {{ states[change.now].word }}
                </li>
            </ul>
        </details>
    </section>
</template>

<style scoped>
.earlier {
    display: grid;
    gap: var(--space-2);
    border-left: 8px double var(--line);
    padding-left: var(--space-6);
}
</style>
