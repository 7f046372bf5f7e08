<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import type { Item, Place } from './api';
import ItemTile from './ItemTile.vue';
import type { ShownItem } from './shownItems';
import { keyOf } from './tileKeys';

const props = defineProps<{ place: Place; shown: Map<string, ShownItem>; opened: string | undefined }>();
defineEmits<{ tap: [Item]; points: [Item]; rest: [Item[]] }>();

const none: ShownItem = { state: 'not_reached', heard: new Set(), waiting: false };
const shownOf = (item: Item): ShownItem => props.shown.get(item.id) ?? none;
const left = computed(() =>
    props.place.items.filter((item) => ['not_reached', 'missed'].includes(shownOf(item).state)),
);
</script>

<template>
    <section class="place" :aria-label="place.name">
        <header>
            <h1>{{ place.name }}</h1>
            <p class="quiet">
                {{ left.length === 0 ? 'all said here' : `${left.length} of ${place.items.length} still to say` }}
            </p>
            <NButton v-if="left.length > 1" class="rest" @click="$emit('rest', left)"
                >All {{ left.length }} said whole</NButton
            >
        </header>
        <div class="tiles">
            <ItemTile
                v-for="(item, index) in place.items"
                :key="item.id"
                :item="item"
                :shown="shownOf(item)"
                :hotkey="keyOf(index)"
                :opened="opened === item.id"
                @tap="$emit('tap', item)"
                @points="$emit('points', item)"
            />
        </div>
    </section>
</template>

<style scoped>
.place {
    display: grid;
    gap: 12px;
    align-content: start;
}
header {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 4px 16px;
}
h1 {
    font-size: 1.6rem;
}
.rest {
    margin-left: auto;
}
.tiles {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(100%, 330px), 1fr));
    gap: 10px;
}
@media (max-width: 700px) {
    h1 {
        font-size: 1.3rem;
    }
    header {
        align-items: center;
    }
    header p {
        display: none;
    }
}
</style>
