<script setup lang="ts">
import { nothingShown } from '@/shared/attempt/shownItems';
import type { OpenAttempt } from '@/shared/attempt/useAttempt';
import { pointsProposed } from '@/shared/speech/marksOf';
import { NButton } from 'naive-ui';
import { computed, ref, watchEffect } from 'vue';
import type { MarksPoints } from './useScoring';
import TileChips from './TileChips.vue';

/* What was said in part: of which points, before the walk is closed. Untouched, it counts as named and no more. */
const props = defineProps<{ walk: OpenAttempt; scoring: MarksPoints }>();

/** Several points may be told of one: it stays until the panel is left. */
const asked = ref(new Set<string>());
watchEffect(() => {
    for (const { id } of props.walk.items.value) {
        if (props.walk.shown.value.get(id)?.pointsOpen === true) asked.value.add(id);
    }
});
const rows = computed(() =>
    props.walk.items.value.flatMap((item) => {
        const shown = props.walk.shown.value.get(item.id) ?? nothingShown;
        const heard = props.scoring.live.faint.value.get(item.id);
        const faint = heard === undefined ? new Set<string>() : pointsProposed(heard, item);
        return asked.value.has(item.id) ? [{ item, shown, heard, faint }] : [];
    }),
);
</script>

<template>
    <section v-if="rows.length > 0" data-test="open-points">
        <h2>Said in part: which points of {{ rows.length === 1 ? 'this one' : `these ${rows.length}` }}?</h2>
        <p class="quiet">Tap what was said. One that you leave counts as named and no more.</p>
        <div class="rows">
            <article v-for="{ item, shown, heard, faint } in rows" :key="item.id" :data-open="item.id">
                <h3>
                    {{ item.name }}<template v-if="item.where">, {{ item.where }}</template>
                </h3>
                <NButton v-if="heard" @click="scoring.confirm(heard)">As heard: {{ heard.said || 'named' }}</NButton>
                <TileChips
                    :item="item"
                    :shown="shown"
                    :silent="scoring.silent.value"
                    :heard="faint"
                    :swept="new Set()"
                    @tap="(code) => scoring.say(item, [code])"
                />
            </article>
        </div>
    </section>
</template>

<style scoped>
.rows {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(100%, 360px), 1fr));
    gap: var(--space-5);
}
article {
    padding-top: var(--space-3);
    border: 2px dotted var(--ink);
    border-radius: var(--round-large);
    overflow: hidden;
}
h3 {
    padding: 0 var(--space-4) var(--space-3);
}
</style>
