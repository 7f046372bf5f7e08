<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';
import VehiclePlan from '@/shared/plan/VehiclePlan.vue';

/* What will be asked of this vehicle, before it is started. */
defineProps<{ inspection: Schemas['InspectionResource']; drawn: boolean }>();
</script>

<template>
    <section class="preview">
        <h2>
            <span v-if="drawn" class="up-to">Up to&#32;</span
            ><span class="numeral">{{ inspection.item_count }}</span> items at {{ inspection.places.length }} places of
            this vehicle
        </h2>
        <VehiclePlan :inspection="inspection" />
        <p class="quiet">
            {{ inspection.aid_allowed ? 'The student may carry an unmarked list.' : 'The student carries no list.' }}
            {{ inspection.pass_note }}
        </p>
    </section>
</template>

<style scoped>
.preview {
    display: grid;
    gap: var(--space-5);
    padding: var(--space-6);
    background: var(--sunken);
    border-radius: var(--round-large);
    min-width: 0;
}
h2 .numeral {
    font-size: var(--size-figure);
}
</style>
