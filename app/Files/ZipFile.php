<?php

declare(strict_types=1);

namespace App\Files;

use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Str;
use RuntimeException;
use ZipArchive;

/** A ZIP in a folder of its own, in which its parts can lie until it is closed; nothing stays if one fails. */
final readonly class ZipFile
{
    public function __construct(private Filesystem $files) {}

    /**
     * @param  callable(ZipArchive, string): void  $fill  takes the archive and the folder
     * @return string path of a file that whoever asked takes away
     */
    public function write(callable $fill): string
    {
        $folder = sys_get_temp_dir().'/pasada-zip-'.Str::random(16);
        $path = $folder.'.zip';
        $this->files->makeDirectory($folder, 0700);
        try {
            $zip = new ZipArchive;
            if ($zip->open($path, ZipArchive::CREATE | ZipArchive::EXCL) !== true) {
                throw new RuntimeException('No archive can be written into the folder for temporary files.');
            }
            $fill($zip, $folder);
            if (! $zip->close()) {
                throw new RuntimeException('The archive could not be closed; is the disk full?');
            }

            return $path;
        } finally {
            $this->files->deleteDirectory($folder);
        }
    }
}
