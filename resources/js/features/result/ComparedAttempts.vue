<script setup lang="ts">
import { alike, comparedWith } from '@/shared/alike';
import ProgressChart from '@/shared/ProgressChart.vue';
import { computed } from 'vue';
import type { Result } from './api';

const props = defineProps<{ result: Result }>();
// A share under another checklist or form answers another question.
const earlier = computed(() => alike(props.result.earlier, props.result.card));
const all = computed(() => [...earlier.value, props.result.card].filter((attempt) => attempt.permille !== null));
const answer = computed(() => comparedWith(earlier.value, props.result.sheet.permille));
</script>

<template>
    <h2>How does it compare? {{ answer }}</h2>
    <ProgressChart v-if="all.length > 1" :attempts="all" :highlight="result.card.id" />
</template>
