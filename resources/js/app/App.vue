<script setup lang="ts">
import { NConfigProvider } from 'naive-ui';
import { computed, watch } from 'vue';
import { useRoute } from 'vue-router';
import TopBar from './TopBar.vue';
import { useHelpKey } from './useHelpKey';
import { naiveOverrides } from '@/shared/light/theme';
import { asOfWords } from '@/shared/format';
import { useAsOf } from '@/shared/asOf';
import { useLight } from '@/shared/light/useLight';
import { useSession } from '@/shared/session/useSession';
import { sendSoundOf } from '@/shared/sound/soundSending';

const route = useRoute();
const { light } = useLight();
const asOf = useAsOf();
useHelpKey();
const { user } = useSession();
// What waits of it is sent from whatever page is open.
watch(() => user.value?.id, sendSoundOf, { immediate: true });
const overrides = computed(() => naiveOverrides(light.value));
</script>

<template>
    <NConfigProvider :theme-overrides="overrides" preflight-style-disabled>
        <TopBar v-if="route.meta.bare !== true" />
        <p v-if="asOf" class="as-of" role="status" data-test="as-of">
            Shown as of {{ asOfWords(asOf) }}: the server cannot be reached.
        </p>
        <RouterView />
    </NConfigProvider>
</template>

<style scoped>
.as-of {
    margin: 0;
    padding: var(--space-3) var(--space-8);
    background: var(--sunken);
    border-bottom: 2px dashed var(--ink);
    font-weight: 600;
}
</style>
