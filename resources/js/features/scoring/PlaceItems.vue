<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import type { Suggestion } from '@/shared/speech/api';
import type { Item, Place } from '@/shared/attempt/api';
import ItemTile from './ItemTile.vue';
import { nothingShown, type ShownItem } from '@/shared/attempt/shownItems';
import { keyOf } from './tileKeys';
import { useSweep } from './useSweep';

const props = defineProps<{
    place: Place;
    shown: Map<string, ShownItem>;
    opened: string | undefined;
    silent: boolean;
    /** What was heard and not confirmed yet, by item. */
    faint: Map<string, Suggestion>;
    /** Times the brake tests may still be begun again here; undefined where there are none. */
    restarts: number | undefined;
}>();
const emit = defineEmits<{ tap: [Item]; points: [Item]; heard: [Item[]]; same: []; restart: [] }>();

const shownOf = (item: Item): ShownItem => props.shown.get(item.id) ?? nothingShown;
const isOpen = (item: Item): boolean => ['not_reached', 'missed'].includes(shownOf(item).state);
const left = computed(() => props.place.items.filter(isOpen));
const { swept, begin, pass, end, justSwept } = useSweep((ids) =>
    emit(
        'heard',
        props.place.items.filter((item) => ids.includes(item.id) && isOpen(item)),
    ),
);
</script>

<template>
    <section class="place" :aria-label="place.name" @pointermove="pass" @pointerup="end" @pointercancel="end">
        <header>
            <h1>{{ place.name }}</h1>
            <p v-if="!silent" class="quiet">
                {{ left.length === 0 ? 'all done here' : `${left.length} of ${place.items.length} left` }}
            </p>
            <div class="acts">
                <NButton v-if="place.references.length > 0" data-test="same" @click="$emit('same')"
                    >Same as …&nbsp;<kbd>=</kbd></NButton
                >
                <NButton v-if="restarts !== undefined" data-test="restart" @click="$emit('restart')"
                    >Restart brake tests ({{ restarts }} left)</NButton
                >
                <NButton v-if="left.length > 1" data-test="all-here" @click="$emit('heard', left)">{{
                    silent ? 'Mark all complete' : `Mark all ${left.length} complete`
                }}</NButton>
            </div>
        </header>
        <div class="tiles">
            <ItemTile
                v-for="(item, index) in place.items"
                :key="item.id"
                :item="item"
                :shown="shownOf(item)"
                :hotkey="keyOf(index)"
                :opened="opened === item.id"
                :swept="swept.has(item.id)"
                :silent="silent"
                :faint="faint.has(item.id)"
                @tap="justSwept() || $emit('tap', item)"
                @points="$emit('points', item)"
                @sweep="(event) => begin(event, item.id)"
            />
        </div>
    </section>
</template>

<style scoped>
.place {
    display: grid;
    gap: var(--space-5);
    align-content: start;
}
header {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: var(--space-1) var(--space-6);
}
h1 {
    font-size: var(--size-head);
}
.acts {
    margin-left: auto;
}
.tiles {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(100%, var(--tile-width, 330px)), 1fr));
    gap: var(--space-4);
}
@media (max-width: 700px) {
    h1 {
        font-size: var(--size-title);
    }
    header p {
        display: none;
    }
}
</style>
