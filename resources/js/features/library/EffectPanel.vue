<script setup lang="ts">
import RescoreCard from '@/shared/RescoreCard.vue';
import { computed } from 'vue';
import type { Draft, Effect } from './api';
import ChangeList from './ChangeList.vue';
import { faultInWords } from './checklist/placeWords';

/* What the draft would do, before it is in force. */
const props = defineProps<{ draft: Draft; effect: Effect | undefined }>();

const faults = computed(() =>
    props.draft.faults.map((fault) => faultInWords(fault, props.draft.document ?? undefined)),
);
const answer = computed(() => {
    const effect = props.effect;
    if (effect === undefined) return 'Working it out.';
    const turned = effect.attempts.filter(({ before, after }) => before !== after).length;
    const moved = effect.attempts.filter(({ item_changes }) => item_changes > 0).length;
    if (effect.attempts.length === 0) {
        return props.draft.kind === 'vehicle'
            ? 'There are no inspections on it yet.'
            : 'No walk is recorded yet to try it on.';
    }
    if (turned > 0) return `${turned} of ${effect.attempts.length} recorded walks would get another verdict.`;
    return moved > 0
        ? `No verdict changes; ${moved} of ${effect.attempts.length} recorded walks score differently.`
        : 'Nothing changes for the recorded walks.';
});
/** Where forms are drawn nobody is asked all of it: "76 to 98 items". */
const count = computed(() => {
    const effect = props.effect;
    if (effect === undefined) return '';
    const items = effect.forms.length > 0 ? effect.forms.map((one) => one.items) : [effect.items_after];
    const [least, most] = [Math.min(...items), Math.max(...items)];
    const asked = `${least === most ? least : `${least} to ${most}`} items on ${effect.vehicle}`;
    if (effect.forms.length > 0) {
        return `${asked}: ${effect.forms.map(({ form, items: of }) => `${form} ${of}`).join(', ')}`;
    }
    return effect.items_before === 0 || effect.items_before === effect.items_after
        ? asked
        : `${asked}, ${effect.items_before} before`;
});
</script>

<template>
    <aside aria-label="What it changes">
        <section v-if="draft.faults.length > 0" class="faults" role="alert">
            <h2>{{ draft.faults.length }} {{ draft.faults.length === 1 ? 'thing is' : 'things are' }} wrong</h2>
            <ul>
                <li v-for="fault in faults" :key="fault.path + fault.message">
                    <strong v-if="fault.path">{{ fault.path }}</strong> {{ fault.message }}
                </li>
            </ul>
            <p class="quiet">It is kept all the same. What is below was worked out before.</p>
        </section>
        <section>
            <h2>For whom does it change? {{ answer }}</h2>
            <p>{{ count }}</p>
            <p v-if="effect && !effect.same && effect.attempts.length > 0" class="quiet">
                No walk was scored under it yet; these were scored under another.
            </p>
            <p v-if="effect && effect.items_before > 0 && effect.added.length > 0">
                New: {{ effect.added.slice(0, 12).join('; ') }}.
            </p>
            <p v-if="effect && effect.removed.length > 0">Gone: {{ effect.removed.slice(0, 12).join('; ') }}.</p>
            <RescoreCard v-for="one in effect?.attempts ?? []" :key="one.attempt" :rescore="one" />
        </section>
        <section>
            <h2>What is changed?</h2>
            <p v-if="draft.base_version === null" class="quiet">It is new, so there is nothing to hold it against.</p>
            <ChangeList v-else :changes="draft.changes" />
        </section>
    </aside>
</template>

<style scoped>
aside,
section {
    display: grid;
    gap: var(--space-5);
    align-content: start;
}
aside {
    gap: var(--space-8);
}
h2 {
    font-size: var(--size-strong);
}
.faults {
    border-left: 8px solid var(--lost);
    padding-left: var(--space-5);
}
ul {
    margin: 0;
    padding-left: var(--space-6);
}
li {
    overflow-wrap: anywhere;
}
</style>
