<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';
import { minutes, percent } from '@/shared/format';

defineProps<{ sections: Schemas['SectionScoreResource'][] }>();
</script>

<template>
    <table class="record-table">
        <thead>
            <tr>
                <th scope="col">Section</th>
                <th scope="col">Complete</th>
                <th scope="col" class="wide">Earned</th>
                <th scope="col">Time</th>
            </tr>
        </thead>
        <tbody>
            <tr v-for="section in sections" :key="section.id">
                <th scope="row">{{ section.name }}</th>
                <td class="numeral">{{ section.whole }} of {{ section.asked }}</td>
                <td class="wide">
                    <span class="track"><span class="bar" :style="{ width: `${section.permille / 10}%` }" /></span>
                    <span class="numeral">{{ percent(section.permille) }}</span>
                </td>
                <td class="numeral">{{ minutes(section.time_ms) }}</td>
            </tr>
        </tbody>
    </table>
</template>

<style scoped>
tbody th {
    font-weight: 600;
}
.wide {
    width: 40%;
}
td.wide {
    display: flex;
    align-items: center;
    gap: var(--space-5);
    width: 100%;
}
.track {
    flex: 1;
    height: 14px;
    border: 2px solid var(--quiet);
    border-radius: var(--round-small);
    overflow: hidden;
}
.bar {
    display: block;
    height: 100%;
    background: var(--strong);
}
@media (max-width: 640px) {
    .track {
        display: none;
    }
}
</style>
