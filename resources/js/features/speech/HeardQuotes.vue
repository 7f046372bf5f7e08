<script setup lang="ts">
import { minutes } from '@/shared/format';
import type { Suggestion } from '@/shared/speech/api';
import { computed } from 'vue';

/* Every stretch that a proposal rests on, each once; where there are several, each with its time and its points. */
const props = defineProps<{ evidence: Suggestion['evidence']; inWords: (codes: string[]) => string }>();
const quotes = computed(() => [...new Map(props.evidence.map((one) => [one.text, one])).values()]);
</script>

<template>
    <span v-for="quote in quotes" :key="quote.at_ms + quote.text" class="quote"
        >“{{ quote.text }}”<template v-if="quotes.length > 1"
            ><span class="beside numeral"> {{ minutes(quote.at_ms) }}</span
            ><span v-if="quote.points.length > 0" class="beside">{{ inWords(quote.points) }}</span></template
        ></span
    >
</template>

<style scoped>
.quote {
    color: var(--quiet);
    font-size: 0.88em;
    overflow: hidden;
    text-overflow: ellipsis;
    display: -webkit-box;
    -webkit-line-clamp: 2;
    -webkit-box-orient: vertical;
}
.beside {
    margin-left: var(--space-2);
}
</style>
