<script setup lang="ts">
import type { Device } from '@/shared/outbox/Device';
import type { KeptSound } from '@/shared/sound/SoundDb';
import { dropSound, retrySound, waitingSound } from '@/shared/sound/soundSending';
import { useIntervalFn } from '@vueuse/core';
import { NPopconfirm } from 'naive-ui';
import { shallowRef } from 'vue';
import TapButton from '@/shared/TapButton.vue';

/* Recordings that are still on this device: sent by themselves, or not taken, and why. */
const props = defineProps<{ device: Device }>();
const waiting = shallowRef<(KeptSound & { student: string })[]>([]);

async function look(): Promise<void> {
    const kept = await waitingSound().catch(() => []);
    waiting.value = await Promise.all(
        kept.map(async (one) => ({
            ...one,
            student: (await props.device.attempt(one.attempt))?.card.student ?? 'A walk',
        })),
    );
}
async function drop(id: string): Promise<void> {
    await dropSound(id);
    await look();
}
void look();
useIntervalFn(() => void look(), 3000);
</script>

<template>
    <section v-if="waiting.length > 0" data-test="waiting-sound">
        <h2>Recordings on this device</h2>
        <p v-for="one in waiting" :key="one.id" class="acts">
            <span>{{ one.student }}: {{ one.refused || 'sent while Pasada is open with a network.' }}</span>
            <TapButton @click="retrySound(one.id).then(look)">{{ one.refused ? 'Try again' : 'Send now' }}</TapButton>
            <template v-if="one.refused">
                <NPopconfirm positive-text="Delete it" @positive-click="drop(one.id)">
                    <template #trigger><TapButton>Delete from this device</TapButton></template>
                    It is nowhere else. Marks stay as they are.
                </NPopconfirm>
            </template>
        </p>
    </section>
</template>
