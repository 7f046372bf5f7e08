<script setup lang="ts">
import { computed } from 'vue';
import type { Readiness } from '@/shared/progress/api';
import { percentOf, withDoubt } from '@/shared/progress/chances';

const props = defineProps<{ readiness: Readiness }>();
const weakest = computed(() => props.readiness.brake_tests.toSorted((a, b) => a.chance - b.chance)[0]);
const wasInCab = computed(() => props.readiness.brake_tests.some(({ in_cab: tried }) => tried > 0));
</script>

<template>
    <section v-if="weakest" data-test="brake-chances">
        <h2>Would the brake tests hold? Least sure is {{ weakest.name }}, {{ withDoubt(weakest) }}</h2>
        <p>All of them, one after the other: about {{ percentOf(readiness.all_brake_tests) }}.</p>
        <table class="record-table">
            <thead>
                <tr>
                    <th scope="col">Test</th>
                    <th scope="col">In the vehicle</th>
                    <th scope="col">Air cab</th>
                    <th scope="col">Next time</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="test in readiness.brake_tests" :key="test.name">
                    <th scope="row">{{ test.name }}</th>
                    <td class="numeral">{{ test.passed }} of {{ test.tried }}</td>
                    <td class="numeral">{{ test.in_cab === 0 ? '' : `${test.passed_in_cab} of ${test.in_cab}` }}</td>
                    <td class="numeral chance">{{ withDoubt(test) }}</td>
                </tr>
            </tbody>
        </table>
        <p class="quiet">
            {{
                wasInCab
                    ? 'A test done in the Air cab counts half as much as one in the vehicle.'
                    : 'Nothing was practiced in the Air cab yet.'
            }}
        </p>
    </section>
</template>

<style scoped>
.chance {
    white-space: nowrap;
}
tbody th {
    font-weight: 400;
}
</style>
