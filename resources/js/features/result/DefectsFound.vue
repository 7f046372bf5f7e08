<script setup lang="ts">
import { namesIn } from '@/shared/attempt/namesIn';
import OutOfService from '@/shared/OutOfService.vue';
import { useSession } from '@/shared/session/useSession';
import { computed, ref } from 'vue';
import type { Result } from './api';

/* What is wrong with the vehicle, as far as this walk tells: it has to be seen to, whoever passed. */
const props = defineProps<{ result: Result }>();
const { user } = useSession();
const out = ref<string | null>(props.result.out_of_service);
const defects = computed(() => {
    const names = namesIn(props.result.inspection.places);
    return props.result.sheet.outcomes
        .filter(({ defect, noticed }) => defect !== null || noticed !== null)
        .map(({ item, defect, noticed }) => ({ item, name: names.get(item) ?? item, defect, noticed }));
});
const isDark = computed(() => props.result.sheet.outcomes.some(({ dark }) => dark !== null));
</script>

<template>
    <section v-if="defects.length > 0">
        <h2>Defects of the vehicle</h2>
        <ul>
            <li v-for="one in defects" :key="one.item">
                <strong>{{ one.name }}</strong>: {{ one.defect ?? one.noticed }}
                <span class="quiet">{{
                    one.noticed === null ? 'not noticed by the student' : `noticed: ${one.noticed}`
                }}</span>
            </li>
        </ul>
        <p v-if="isDark && out === null" role="status" class="alert" data-test="dark-lamp">
            A lamp is dark: every required lamp has to work (49 CFR 393.9). The vehicle is out of service until it is
            mended; {{ user?.role === 'manager' ? 'say so here.' : 'tell whoever manages the vehicles.' }}
        </p>
        <OutOfService
            :vehicle="result.card.vehicle_id"
            :reason="out"
            :may-change="user?.role === 'manager'"
            :proposed="defects.map((one) => `${one.name}: ${one.defect ?? one.noticed}`).join('; ')"
            @changed="(reason) => (out = reason)"
        />
    </section>
</template>

<style scoped>
section {
    display: grid;
    gap: var(--space-4);
}
ul {
    margin: 0;
    padding-left: var(--space-7);
}
li span {
    display: block;
}
</style>
