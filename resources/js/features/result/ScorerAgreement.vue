<script setup lang="ts">
import StateGlyph from '@/shared/glyphs/StateGlyph.vue';
import { states } from '@/shared/glyphs/states';
import { percent } from '@/shared/format';
import type { Schemas } from '@/shared/api/client';
import { shallowRef } from 'vue';
import { readAgreement, type Result } from './api';

/* Did two scorers of this walk see the same? */
const props = defineProps<{ result: Result }>();
const all = shallowRef<Schemas['AgreementResource'][]>([]);
void readAgreement(props.result.card.id)
    .then((found) => (all.value = found))
    .catch(() => undefined);
</script>

<template>
    <section v-for="one in all" :key="one.other.id" data-test="agreement">
        <h2>
            Did both scorers see the same? {{ one.agreed }} of {{ one.compared }} items,
            {{ percent(one.agreed_permille) }}
        </h2>
        <p>
            {{ result.card.scorer }} and
            <RouterLink :to="{ name: 'result', params: { id: one.other.id } }">{{ one.other.scorer }}</RouterLink>
            scored this walk without seeing each other's sheet. Beyond chance their agreement is
            {{ one.said }}.
        </p>
        <ul>
            <li v-for="item in one.items" :key="item.name">
                <StateGlyph v-if="item.before" :state="item.before" :size="22" />
                <StateGlyph v-if="item.after" :state="item.after" :size="22" />
                <span
                    >{{ item.name }}:
                    <span class="quiet"
                        >{{ item.before ? states[item.before].word : '' }} for {{ result.card.scorer }},
                        {{ item.after ? states[item.after].word : '' }} for {{ one.other.scorer }}</span
                    ></span
                >
            </li>
        </ul>
    </section>
</template>

<style scoped>
section {
    display: grid;
    gap: var(--space-4);
}
ul {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    gap: var(--space-2);
}
li {
    display: grid;
    grid-template-columns: 24px 24px 1fr;
    gap: var(--space-3);
    align-items: center;
}
</style>
