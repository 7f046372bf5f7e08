<script setup lang="ts">
import StateGlyph from './StateGlyph.vue';
import { states, type ItemState } from './states';

const order = Object.keys(states) as ItemState[];
</script>

<template>
    <details class="legend">
        <summary>What the marks mean</summary>
        <dl>
            <div v-for="state in order" :key="state">
                <dt><StateGlyph :state="state" :size="24" /> {{ states[state].word }}</dt>
                <dd class="quiet">{{ states[state].means }}</dd>
            </div>
        </dl>
    </details>
</template>

<style scoped>
summary {
    cursor: pointer;
    font-weight: 600;
    min-height: 44px;
    display: inline-flex;
    align-items: center;
    text-decoration: underline dotted;
    text-underline-offset: 0.25em;
}
dl {
    margin: var(--space-3) 0 0;
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
    gap: var(--space-5) var(--space-8);
}
dt {
    display: flex;
    align-items: center;
    gap: var(--space-3);
    font-weight: 600;
}
dd {
    margin: 0 0 0 var(--space-9);
}
</style>
