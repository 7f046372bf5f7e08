<?php

declare(strict_types=1);

// Stand-ins for symfony/polyfill-php85; see README.md in this folder.

if (! function_exists('array_first')) {
    /**
     * @template T
     *
     * @param  array<array-key, T>  $array
     * @return T|null
     */
    function array_first(array $array): mixed
    {
        foreach ($array as $value) {
            return $value;
        }

        return null;
    }
}

if (! function_exists('array_last')) {
    /**
     * @template T
     *
     * @param  array<array-key, T>  $array
     * @return T|null
     */
    function array_last(array $array): mixed
    {
        $key = array_key_last($array);

        return $key === null ? null : $array[$key];
    }
}
