<script setup lang="ts">
/* One gauge: what it reads now, moved by a thumb. */
const value = defineModel<number>({ required: true });
defineProps<{ label: string }>();
const move = (by: number): void => void (value.value = Math.min(200, Math.max(0, value.value + by)));
</script>

<template>
    <div class="gauge" role="group" :aria-label="`${label} gauge`">
        <label
            ><span>{{ label }}</span>
            <input v-model.number="value" type="number" min="0" max="200" inputmode="numeric" /><span>psi</span></label
        >
        <div class="moves">
            <button type="button" :aria-label="`−5 ${label}`" @click="move(-5)">−5</button>
            <button type="button" :aria-label="`−1 ${label}`" @click="move(-1)">−1</button>
            <button type="button" :aria-label="`+1 ${label}`" @click="move(1)">+1</button>
            <button type="button" :aria-label="`+5 ${label}`" @click="move(5)">+5</button>
        </div>
    </div>
</template>

<style scoped>
.gauge {
    display: grid;
    gap: 6px;
}
label {
    justify-content: space-between;
    display: flex;
    align-items: baseline;
    gap: 10px;
    font-weight: 700;
}
input {
    font: 700 2.4rem/1 var(--display-face);
    width: 3.2em;
    min-height: 60px;
    text-align: end;
    color: var(--ink);
    background: var(--panel);
    border: 2px solid var(--line);
    border-radius: 10px;
    padding: 0 10px;
    appearance: textfield;
}
.moves {
    display: grid;
    grid-template-columns: repeat(4, 1fr);
    gap: 6px;
}
button {
    min-height: 56px;
    border: 2px solid var(--line);
    border-radius: 10px;
    background: var(--panel);
    font-weight: 700;
    cursor: pointer;
    touch-action: manipulation;
}
button:active {
    background: var(--sunken);
}
</style>
