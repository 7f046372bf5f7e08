<?php

declare(strict_types=1);

// Run once when php-fpm starts: the classes that every request needs are compiled and linked for all workers, so that
// none has to look them up again. The list is written by `./pasada up` from what a request really loads.
$list = getenv('PASADA_PRELOAD');
if (is_string($list) && is_file($list)) {
    foreach (file($list, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) as $file) {
        if (is_file($file)) {
            opcache_compile_file($file);
        }
    }
}
