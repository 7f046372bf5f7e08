<?php

declare(strict_types=1);

namespace Tests\Support;

/** More requests at one moment than a server can bear. */
final class Flood
{
    /** @return array<int, list<string>> answers with their headers, by status */
    public static function of(string $url, int $requests): array
    {
        $all = curl_multi_init();
        $handles = [];
        for ($n = 0; $n < $requests; $n++) {
            $handle = curl_init($url);
            assert($handle !== false);
            curl_setopt_array($handle, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true]);
            curl_multi_add_handle($all, $handles[] = $handle);
        }
        do {
            curl_multi_exec($all, $running);
            curl_multi_select($all, 0.1);
        } while ($running > 0);
        $answers = [];
        foreach ($handles as $handle) {
            $answers[curl_getinfo($handle, CURLINFO_RESPONSE_CODE)][] = (string) curl_multi_getcontent($handle);
        }

        return $answers;
    }
}
