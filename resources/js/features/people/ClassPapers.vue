<script setup lang="ts">
import { answer, api, type Schemas } from '@/shared/api/client';
import { useDoing } from '@/shared/useDoing';
import { useLookAgain } from '@/shared/useLookAgain';
import type { Loaded } from '@/shared/useLoad';
import { NButton, NProgress } from 'naive-ui';
import { v7 } from 'uuid';
import { computed, shallowRef } from 'vue';

/* Register and training records of a whole class, printed while something else is done. */
const props = defineProps<{ schoolClass: number }>();
type Bundle = Schemas['PaperBundleResource'];
const { busy, why, doing } = useDoing();
const loaded = shallowRef<Loaded<Bundle>>({ state: 'loading' });
const bundle = computed(() => (loaded.value.state === 'ready' ? loaded.value.data : undefined));
const isPrinting = computed(() => bundle.value !== undefined && !bundle.value.ready && !bundle.value.failed);

async function again(): Promise<void> {
    const id = bundle.value?.id;
    if (id === undefined) return;
    const data = await answer(api.GET('/papers/{bundle}', { params: { path: { bundle: id } } }));
    loaded.value = { state: 'ready', data };
}
useLookAgain({ loaded, again: () => doing(again).then(() => undefined) }, ({ ready, failed }) => !ready && !failed);

const ask = (size: 'letter' | 'a4'): Promise<boolean> =>
    doing(async () => {
        loaded.value = {
            state: 'ready',
            data: await answer(
                api.POST('/classes/{class}/papers', {
                    params: { path: { class: props.schoolClass } },
                    body: { id: v7(), size },
                }),
            ),
        };
    });
</script>

<template>
    <div>
        <span v-if="!isPrinting" class="acts">
            All training records:
            <NButton :disabled="busy" data-test="class-papers" @click="ask('letter')">letter</NButton>
            <NButton :disabled="busy" @click="ask('a4')">A4</NButton>
        </span>
        <template v-else-if="bundle">
            <p role="status">{{ bundle.done }} of {{ bundle.all }} records are printed</p>
            <NProgress
                type="line"
                :percentage="bundle.all === 0 ? 0 : Math.floor((100 * bundle.done) / bundle.all)"
                :show-indicator="false"
                aria-label="Printed"
            />
        </template>
        <a v-if="bundle?.ready" :href="`/api/v1/papers/${bundle.id}/file`" download data-test="class-papers-file"
            >{{ bundle.all }} records and the register, as ZIP</a
        >
        <p v-if="bundle?.failed" class="alert" role="alert">This could not be printed. Ask once more.</p>
        <p v-if="why" class="alert" role="alert">{{ why }}</p>
    </div>
</template>

<style scoped>
a {
    display: inline-block;
    padding: var(--space-3) 0;
}
</style>
