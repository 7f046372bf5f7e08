<script setup lang="ts">
import TapButton from '@/shared/TapButton.vue';
import NeedleGauge from '@/shared/brakes/NeedleGauge.vue';

/* One gauge: what it reads now, laid on the dial by a thumb, stepped, or typed. */
const value = defineModel<number>({ required: true });
defineProps<{ label: string; low?: number | undefined }>();
const move = (by: number): void => void (value.value = Math.min(200, Math.max(0, value.value + by)));
</script>

<template>
    <div class="step" role="group" :aria-label="`${label} gauge`">
        <NeedleGauge :label="label" :psi="value" :low="low" turnable @turned="(psi) => (value = psi)" />
        <label>
            <input v-model.number="value" type="number" min="0" max="200" inputmode="numeric" />
            <span>{{ label }}, psi</span>
        </label>
        <div class="moves">
            <TapButton
                v-for="by in [-1, 1, -5, 5]"
                :key="by"
                :aria-label="`${by < 0 ? '−' : '+'}${Math.abs(by)} ${label}`"
                @click="move(by)"
            >
                {{ by < 0 ? '−' : '+' }}{{ Math.abs(by) }}
            </TapButton>
        </div>
    </div>
</template>

<style scoped>
.step {
    display: grid;
    gap: var(--space-2);
    min-width: 0;
}
label {
    display: grid;
    justify-items: center;
    gap: 2px;
    font-weight: 700;
}
input {
    font: 700 var(--size-figure)/1 var(--display-face);
    width: 100%;
    min-height: 52px;
    text-align: center;
    color: var(--ink);
    background: var(--panel);
    border: 2px solid var(--line);
    border-radius: var(--round-middle);
    appearance: textfield;
}
input::-webkit-inner-spin-button {
    appearance: none;
}
.moves {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: var(--space-2);
    font-weight: 700;
}
</style>
