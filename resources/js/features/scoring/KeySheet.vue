<script setup lang="ts">
import { NButton } from 'naive-ui';
import { commands } from './useScoringKeys';

defineEmits<{ close: [] }>();
const rest = [
    ['1 … 0', 'The item with that digit, complete; with ⇧ those from the eleventh on'],
    ['Alt 1 … 0', 'Half said, as it usually is; again for the next usual half; letters add or take back points'],
    ['Ctrl Alt 1 … 0', 'Half said, as it is second most often'],
    ['1 … 0 at the lights', 'The function was called and shows; with Alt it was not called'],
    ['a … z', 'Find an item by name, initials or other name; those of this place first'],
    ['Enter', 'The first match, complete'],
    ['→ ←', 'The next or the previous match'],
    ['Space', 'Its points; then a letter for each point'],
    ['Backspace', 'Undo (or take a typed letter back)'],
    ['⇧ Backspace', 'Redo'],
    ['Esc', 'Close what is open'],
] as const;
</script>

<template>
    <section class="sheet" aria-label="Keys">
        <header>
            <h2>Keys</h2>
            <NButton @click="$emit('close')">Close&nbsp;<kbd>Esc</kbd></NButton>
        </header>
        <dl>
            <div v-for="[keys, does] in rest" :key="keys">
                <dt>{{ keys }}</dt>
                <dd>{{ does }}</dd>
            </div>
            <div v-for="command in commands" :key="command.act">
                <dt>{{ command.shown }}</dt>
                <dd>{{ command.does }}</dd>
            </div>
        </dl>
        <p class="quiet">
            By touch: tap a name for complete; stroke down the marks at the left for several. Below the name, tap the
            points that were said, or stroke across them; “in part” where you did not catch which. ⋯ opens figures,
            sides, defects and notes.
        </p>
    </section>
</template>

<style scoped>
.sheet {
    padding: var(--space-5) var(--space-6);
    background: var(--panel);
    border-bottom: 2px solid var(--ink);
    display: grid;
    gap: var(--space-4);
}
header {
    display: flex;
    justify-content: space-between;
    align-items: center;
}
dl {
    margin: 0;
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
    gap: var(--space-2) var(--space-8);
}
dl div {
    display: grid;
    grid-template-columns: 110px 1fr;
}
dt {
    font-weight: 700;
}
dd {
    margin: 0;
}
</style>
