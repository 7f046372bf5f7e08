<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';
import { day, percent } from '@/shared/format';
import StateGlyph from '@/shared/glyphs/StateGlyph.vue';
import { states } from '@/shared/glyphs/states';
import { standings } from '@/shared/standing';
import { computed } from 'vue';

/* A recorded walk before and after: what changes, and why. */
const props = defineProps<{ rescore: Schemas['RescoreResource'] }>();
const unmet = computed(() => props.rescore.checks.filter(({ met }) => !met).slice(0, 3));
const turned = computed(() => props.rescore.before !== props.rescore.after);
const answer = computed(() => {
    const { before, after } = props.rescore;
    return turned.value
        ? `${standings[before].word} would become ${standings[after].word.toLowerCase()}`
        : `stays ${standings[after].word.toLowerCase()}`;
});
</script>

<template>
    <article class="card" :class="{ turned }">
        <h3>{{ rescore.student }}, {{ day(rescore.started_at) }}: {{ answer }}</h3>
        <p class="numeral figures">
            {{ percent(rescore.before_permille) }} <span aria-hidden="true">→</span
            ><span class="visually-hidden"> becomes </span> {{ percent(rescore.after_permille) }}
        </p>
        <p v-for="check in unmet" :key="check.said">{{ check.said }} {{ check.enough }}</p>
        <details v-if="rescore.item_changes > 0">
            <summary>
                {{ rescore.item_changes }} {{ rescore.item_changes === 1 ? 'item scores' : 'items score' }} differently
            </summary>
            <ul>
                <li v-for="(item, index) in rescore.items" :key="index">
                    <StateGlyph v-if="item.before" :state="item.before" :size="20" />
                    <span v-else class="none">not asked</span>
                    <span aria-hidden="true">→</span>
                    <StateGlyph v-if="item.after" :state="item.after" :size="20" />
                    <span v-else class="none">not asked</span>
                    <span
                        >{{ item.name
                        }}<span class="quiet"
                            >, {{ item.before ? states[item.before].word : 'not asked' }} to
                            {{ item.after ? states[item.after].word : 'not asked' }}</span
                        ></span
                    >
                </li>
            </ul>
            <p v-if="rescore.item_changes > rescore.items.length" class="quiet">
                and {{ rescore.item_changes - rescore.items.length }} more
            </p>
        </details>
        <p v-if="rescore.unknown > 0" class="quiet">
            {{ rescore.unknown }} items that were marked in this walk are not asked there; they count for nothing.
        </p>
    </article>
</template>

<style scoped>
.card {
    border: 2px solid var(--line);
    border-radius: var(--round-large);
    padding: var(--space-5) var(--space-6);
    display: grid;
    gap: var(--space-2);
    background: var(--panel);
}
.turned {
    border-color: var(--part);
}
h3 {
    font-size: var(--size-strong);
}
.figures {
    font-size: var(--size-head);
}
ul {
    list-style: none;
    margin: var(--space-3) 0 0;
    padding: 0;
    display: grid;
    gap: var(--space-2);
}
li {
    display: grid;
    grid-template-columns: auto auto auto 1fr;
    gap: var(--space-3);
    align-items: center;
}
.none {
    font-size: var(--size-small);
    color: var(--quiet);
}
</style>
