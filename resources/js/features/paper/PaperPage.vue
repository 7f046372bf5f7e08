<script setup lang="ts">
import LoadState from '@/shared/LoadState.vue';
import { readChoices } from '@/shared/attempt/start';
import { useLoad } from '@/shared/useLoad';
import PaperForm from './PaperForm.vue';

const { loaded, again } = useLoad(readChoices);
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <PaperForm :choices="data" />
        </template>
    </LoadState>
</template>
