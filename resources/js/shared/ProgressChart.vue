<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';
import { defineAsyncComponent } from 'vue';

defineProps<{ attempts: Schemas['AttemptCardResource'][]; highlight?: string }>();

// The chart library is the heaviest part of the page and is read after everything else.
const Chart = defineAsyncComponent(() => import('./charts/ShareOverTime.vue'));
</script>

<template>
    <p class="quiet">A full wheel is a walk that passed, an open one did not.</p>
    <div class="chart"><Chart :attempts="attempts" :highlight="highlight" /></div>
</template>

<style scoped>
.chart {
    height: 240px;
}
</style>
