<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import type { Suggestion } from '@/shared/speech/api';
import { pointsProposed } from '@/shared/speech/marksOf';
import type { Item, Place } from '@/shared/attempt/api';
import ItemTile from './ItemTile.vue';
import { nothingShown, type ShownItem } from '@/shared/attempt/shownItems';
import { lightRows } from '@/shared/attempt/lightRows';
import LightBoard from './LightBoard.vue';
import { keyOf } from './tileKeys';
import { useSweep } from './useSweep';

const props = defineProps<{
    attempt: string;
    place: Place;
    shown: Map<string, ShownItem>;
    opened: string | undefined;
    silent: boolean;
    /** What was heard and not confirmed yet, by item. */
    faint: Map<string, Suggestion>;
    /** Times the brake tests may still be begun again here; undefined where there are none. */
    restarts: number | undefined;
}>();
const emit = defineEmits<{
    tap: [Item];
    points: [Item];
    heard: [Item[]];
    say: [item: Item, codes: string[]];
    part: [Item];
    confirm: [Suggestion[]];
    same: [];
    restart: [];
    called: [Item[]];
    notCalled: [Item[]];
    lamp: [item: Item, dark: { at: string } | undefined];
    noticed: [Item];
}>();

const shownOf = (item: Item): ShownItem => props.shown.get(item.id) ?? nothingShown;
const isOpen = (item: Item): boolean => ['not_reached', 'missed'].includes(shownOf(item).state);
const hasLights = computed(() => lightRows(props.place).length > 0);
const tiled = computed(() =>
    props.place.items.map((item, index) => ({ item, index })).filter(({ item }) => !item.light),
);
const left = computed(() => props.place.items.filter(isOpen));
const faintPoints = computed(() => {
    const points = new Map<string, ReadonlySet<string>>();
    for (const item of props.place.items) {
        const heard = props.faint.get(item.id);
        if (heard !== undefined) points.set(item.id, pointsProposed(heard, item));
    }
    return points;
});

const tiles = useSweep('data-item', (ids) => {
    const crossed = props.place.items.filter((item) => ids.includes(item.id) && isOpen(item));
    const heard = crossed.flatMap(({ id }) => props.faint.get(id) ?? []);
    if (heard.length > 0) emit('confirm', heard);
    const rest = crossed.filter(({ id }) => !props.faint.has(id));
    if (rest.length > 0) emit('heard', rest);
});
// A stroke over points is of one part: where it began.
const points = useSweep('data-chip', (ids) => {
    const crossed = ids.map((id) => id.split(' '));
    const item = props.place.items.find(({ id }) => id === crossed[0]?.[0]);
    const codes = crossed.flatMap(([of, code]) => (of === item?.id && code !== undefined ? [code] : []));
    if (item !== undefined) emit('say', item, codes);
});
function pass(event: PointerEvent): void {
    tiles.pass(event);
    points.pass(event);
}
function end(): void {
    tiles.end();
    points.end();
}
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
        <LightBoard
            v-if="hasLights"
            :attempt="attempt"
            :place="place"
            :shown="shown"
            :silent="silent"
            :faint="faint"
            @called="(items) => $emit('called', items)"
            @not-called="(items) => $emit('notCalled', items)"
            @lamp="(item, dark) => $emit('lamp', item, dark)"
            @noticed="(item) => $emit('noticed', item)"
        />
        <div class="tiles">
            <ItemTile
                v-for="{ item, index } in tiled"
                :key="item.id"
                :item="item"
                :shown="shownOf(item)"
                :hotkey="keyOf(index)"
                :opened="opened === item.id"
                :swept="tiles.swept.value.has(item.id)"
                :silent="silent"
                :faint="faintPoints.get(item.id)"
                :crossed="points.swept.value"
                @tap="tiles.justSwept() || $emit('tap', item)"
                @points="$emit('points', item)"
                @sweep="(event) => tiles.begin(event, item.id)"
                @say="(code) => points.justSwept() || $emit('say', item, [code])"
                @part="points.justSwept() || $emit('part', item)"
                @cross="points.begin"
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
