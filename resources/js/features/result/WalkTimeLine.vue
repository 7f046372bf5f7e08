<script setup lang="ts">
import { readHistory } from '@/shared/attempt/api';
import { namesIn } from '@/shared/attempt/namesIn';
import { markWords } from '@/shared/attempt/markWords';
import { timeLine } from '@/shared/attempt/timeLine';
import { minutes } from '@/shared/format';
import LoadState from '@/shared/LoadState.vue';
import { useLoad } from '@/shared/useLoad';
import { computed } from 'vue';
import type { Result } from './api';

/* Every mark of the walk in the order it was made, by whom, and what was taken back: what settles an argument. */
const props = defineProps<{ result: Result }>();
const { loaded, again } = useLoad(() => readHistory(props.result.card.id));
const names = computed(() => namesIn(props.result.inspection.places));
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <ol>
                <li v-for="{ mark, by, undone } in timeLine(data, []).toReversed()" :key="mark.id">
                    <span class="numeral">{{ minutes(mark.at_ms) }}</span>
                    <span
                        ><s v-if="undone">{{ markWords(mark, names) }}</s
                        ><template v-else>{{ markWords(mark, names) }}</template
                        ><small class="quiet">, {{ by }}{{ undone ? ', taken back' : '' }}</small></span
                    >
                </li>
            </ol>
        </template>
    </LoadState>
</template>

<style scoped>
ol {
    list-style: none;
    margin: 0;
    padding: 0;
}
li {
    display: grid;
    grid-template-columns: 4rem 1fr;
    gap: var(--space-4);
    padding: var(--space-2) 0;
    border-bottom: 1px solid var(--line);
}
</style>
