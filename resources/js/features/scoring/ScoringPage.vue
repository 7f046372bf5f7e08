<script setup lang="ts">
import VehiclePlan from '@/shared/plan/VehiclePlan.vue';
import { NButton, NSkeleton } from 'naive-ui';
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import type { Item } from './api';
import FinishPanel from './FinishPanel.vue';
import NoteBox from './NoteBox.vue';
import PlaceItems from './PlaceItems.vue';
import PointsPanel from './PointsPanel.vue';
import SendingBanner from './SendingBanner.vue';
import { useAttempt } from './useAttempt';
import { useScoringKeys } from './useScoringKeys';
import WalkBar from './WalkBar.vue';

const props = defineProps<{ id: string }>();
const router = useRouter();
const walk = useAttempt(props.id);
const { attempt, sheet, place, shown, tallies, closed, failed } = walk;
void walk.open();

const opened = ref<Item>();
const noting = ref<{ item?: Item }>();
const finishing = ref(false);

const places = computed(() => attempt.value?.inspection.places ?? []);
const at = computed(() => places.value.findIndex(({ id }) => id === place.value));
const here = computed(() => places.value[at.value]);
const next = computed(() => places.value[at.value + 1]);
const lastAction = computed(() => walk.actions.value.at(-1)?.label);
const readOnly = computed(() => attempt.value !== undefined && !attempt.value.may_mark);
const openedShown = computed(() => (opened.value === undefined ? undefined : shown.value.get(opened.value.id)));

function tap(item: Item): void {
    const state = shown.value.get(item.id)?.state ?? 'not_reached';
    // A second tap never takes anything back by accident: it opens the points, where taking back is meant.
    if (state === 'whole' || state === 'not_fitted') opened.value = item;
    else walk.hearWhole(item);
}

function goTo(id: string | undefined): void {
    if (id === undefined) return;
    opened.value = undefined;
    finishing.value = false;
    walk.goTo(id);
}

function step(by: number): void {
    const target = places.value[at.value + by];
    if (target === undefined && by > 0) finishing.value = true;
    else goTo(target?.id);
}

useScoringKeys({
    tile: (index) => here.value?.items[index] !== undefined && tap(here.value.items[index]),
    open: (index) => (opened.value = here.value?.items[index]),
    next: () => step(1),
    previous: () => step(-1),
    undo: walk.undo,
    note: () => (noting.value = {}),
    close: () => {
        if (noting.value !== undefined) noting.value = undefined;
        else if (opened.value !== undefined) opened.value = undefined;
        else finishing.value = false;
    },
    enabled: () => attempt.value !== undefined && !readOnly.value && noting.value === undefined && !finishing.value,
});

watch([attempt, () => sheet.value?.finished], ([open, finished]) => {
    if (finished === true || (open !== undefined && !open.may_mark))
        void router.replace({ name: 'result', params: { id: props.id } });
});
</script>

<template>
    <div v-if="failed" class="trouble">
        <h1>This attempt could not be opened</h1>
        <p role="alert">{{ failed }}</p>
        <p><NButton type="primary" @click="walk.open">Try again</NButton> <RouterLink to="/">Today</RouterLink></p>
    </div>
    <div v-else-if="!attempt || readOnly" class="trouble" aria-busy="true"><NSkeleton text :repeat="8" /></div>
    <div v-else class="screen">
        <WalkBar :walk="walk" @note="noting = {}" @finish="finishing = true" />
        <SendingBanner :walk="walk" />
        <NoteBox
            v-if="noting"
            :about="noting.item?.name"
            @save="(text) => walk.note(text, noting?.item)"
            @close="noting = undefined"
        />
        <FinishPanel v-if="finishing" :walk="walk" @back="finishing = false" @finish="walk.finish" @go="goTo" />
        <template v-else>
            <VehiclePlan
                class="plan"
                :inspection="attempt.inspection"
                :tallies="tallies"
                :current="place"
                :closed="closed"
                interactive
                @go="goTo"
            />
            <main class="work" :class="{ split: opened }">
                <PlaceItems
                    v-if="here"
                    :place="here"
                    :shown="shown"
                    :opened="opened?.id"
                    @tap="tap"
                    @points="(item) => (opened = opened?.id === item.id ? undefined : item)"
                    @rest="(items) => walk.hearWhole(...items)"
                />
                <PointsPanel
                    v-if="opened && openedShown"
                    class="points"
                    :item="opened"
                    :shown="openedShown"
                    @add="(code) => opened && walk.hearPoints(opened, [code])"
                    @back="(codes) => opened && walk.takeBack(opened, codes)"
                    @named="opened && walk.hearPoints(opened, [])"
                    @wave="opened && walk.wave(opened)"
                    @note="noting = { item: opened }"
                    @close="opened = undefined"
                />
            </main>
            <footer class="steps">
                <NButton size="large" :disabled="at <= 0" @click="step(-1)"><kbd>,</kbd>&nbsp;Back</NButton>
                <NButton
                    size="large"
                    :disabled="lastAction === undefined"
                    :title="lastAction ? `Takes back: ${lastAction}` : ''"
                    data-test="undo"
                    @click="walk.undo"
                    >Undo&nbsp;<kbd>Z</kbd></NButton
                >
                <NButton type="primary" size="large" class="next" data-test="next" @click="step(1)">
                    <span
                        ><span class="on-to">{{ next ? 'On to ' : '' }}</span
                        >{{ next?.name ?? 'Finish' }}</span
                    >&nbsp;<kbd>.</kbd>
                </NButton>
            </footer>
        </template>
    </div>
</template>

<style scoped>
.screen {
    display: flex;
    flex-direction: column;
    height: 100dvh;
}
.screen:has(.finish) {
    height: auto;
}
.plan {
    flex: none;
    padding: 8px 0;
    background: var(--sunken);
    border-bottom: 2px solid var(--line);
}
.work {
    flex: 1;
    overflow-y: auto;
    padding: 14px 16px;
}
.split {
    display: grid;
    grid-template-columns: 1fr minmax(320px, 400px);
    gap: 16px;
}
.steps {
    flex: none;
    display: flex;
    gap: 10px;
    padding: 8px 16px;
    border-top: 2px solid var(--ink);
}
.next {
    flex: 1;
    min-width: 0;
}
.next :deep(.n-button__content) {
    min-width: 0;
    white-space: normal;
    line-height: 1.1;
}
.trouble {
    padding: 40px 24px;
    display: grid;
    gap: 16px;
}
@media (max-width: 700px) {
    .on-to {
        display: none;
    }
}
@media (max-width: 900px) {
    .split {
        display: block;
    }
    /* Over the lower part of the screen, where the thumb is. */
    .points {
        position: fixed;
        inset: auto 0 0 0;
        max-height: 72dvh;
        overflow-y: auto;
        border-radius: 18px 18px 0 0;
        z-index: 2;
    }
}
</style>
