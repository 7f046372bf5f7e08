<script setup lang="ts">
import TapButton from '@/shared/TapButton.vue';
import { answer, api } from '@/shared/api/client';
import { day } from '@/shared/format';
import { useDoing } from '@/shared/useDoing';
import { useLoad } from '@/shared/useLoad';
import { NPopconfirm } from 'naive-ui';

/* Whether this student's walks may be recorded: asked once, and taken back at any time. */
const props = defineProps<{ student: number }>();
const path = { params: { path: { student: props.student } } };
const { loaded } = useLoad(() => answer(api.GET('/students/{student}/sound', path)));
const { busy, why, doing } = useDoing();

const say = (agrees: boolean): Promise<boolean> =>
    doing(async () => {
        const data = await answer(api.PUT('/students/{student}/sound', { ...path, body: { agrees } }));
        loaded.value = { state: 'ready', data };
    });
const recordings = (n: number): string => (n === 1 ? 'one recording' : `${n} recordings`);
</script>

<template>
    <section v-if="loaded.state === 'ready' && (loaded.data.school_keeps || loaded.data.agreed_at)" data-test="consent">
        <h2>May the walks be recorded?</h2>
        <p v-if="loaded.data.agreed_at" class="acts">
            <span
                >Agreed on {{ day(loaded.data.agreed_at)
                }}{{ loaded.data.agreed_by ? `, noted by ${loaded.data.agreed_by}` : '' }}. Sound is deleted
                {{ loaded.data.days }} days after a walk.</span
            >
            <NPopconfirm positive-text="Take it back" @positive-click="say(false)">
                <template #trigger>
                    <TapButton :disabled="busy">No longer agree</TapButton>
                </template>
                {{
                    loaded.data.recordings > 0
                        ? `This deletes ${recordings(loaded.data.recordings)} for good. Results stay.`
                        : 'No walk can be recorded then.'
                }}
            </NPopconfirm>
        </p>
        <p v-else class="acts">
            <span
                >Read this to the student: your voice is recorded, stays on this school’s server, and is deleted
                {{ loaded.data.days }} days after a walk; you may hear it, and take this back at any time.</span
            >
            <TapButton :disabled="busy" data-test="agree" @click="say(true)">The student agrees</TapButton>
        </p>
        <p v-if="why" class="alert" role="alert">{{ why }}</p>
    </section>
</template>
