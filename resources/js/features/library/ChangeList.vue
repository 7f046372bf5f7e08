<script setup lang="ts">
import type { Schemas } from '@/shared/api/client';
import { computed } from 'vue';
import { changeInWords } from './checklist/placeWords';

const props = defineProps<{ changes: Schemas['ChangeResource'][] }>();
const said = computed(() => props.changes.map(changeInWords));
</script>

<template>
    <p v-if="changes.length === 0" class="quiet">Nothing is different.</p>
    <dl v-else>
        <div v-for="(change, index) in said" :key="index">
            <dt>{{ change.where }}</dt>
            <dd>
                <del v-if="change.before !== null">{{ change.before }}</del>
                <ins v-if="change.after !== null">{{ change.after }}</ins>
            </dd>
        </div>
    </dl>
</template>

<style scoped>
dl {
    margin: 0;
    display: grid;
    gap: var(--space-4);
}
dt {
    font-weight: 600;
    font-size: var(--size-quiet);
}
dd {
    margin: 0;
    display: grid;
    gap: 2px;
    overflow-wrap: anywhere;
}
del {
    color: var(--lost);
}
ins {
    color: var(--strong);
    text-decoration: none;
}
ins::before {
    content: 'now ';
    color: var(--quiet);
}
del::before {
    content: 'was ';
    color: var(--quiet);
    display: inline-block;
    margin-right: 0.3em;
}
</style>
