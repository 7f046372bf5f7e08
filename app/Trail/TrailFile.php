<?php

declare(strict_types=1);

namespace App\Trail;

use Illuminate\Database\Connection;
use Illuminate\Support\Carbon;
use stdClass;

/** Notes the last line of every trail outside the database, so that an end that was cut off is found. */
final readonly class TrailFile
{
    public function __construct(private Connection $database, private string $folder) {}

    /** @return string the file, with a line of day, chain, position and digest for each trail */
    public function note(Carbon $now): string
    {
        $path = $this->path();
        $lines = '';
        foreach ($this->database->table('trail_heads')->orderBy('chain')->get() as $head) {
            /** @var stdClass&object{chain: int, position: int, digest: string} $head */
            $lines .= sprintf("%s %d %d %s\n", $now->toDateString(), $head->chain, $head->position, $head->digest);
        }
        file_put_contents($path, $lines, FILE_APPEND | LOCK_EX);

        return $path;
    }

    /** Beside each other where several databases are served from one checkout, as in the tests. */
    public function path(): string
    {
        return $this->folder.'/trail-'.$this->database->getDatabaseName().'.txt';
    }

    /** @return list<array{day: string, position: int, digest: string}> what was noted of a trail */
    public function noted(int $chain): array
    {
        $path = $this->path();
        $noted = [];
        foreach (is_file($path) ? (array) file($path, FILE_IGNORE_NEW_LINES) : [] as $line) {
            $said = explode(' ', (string) $line);
            if (count($said) === 4 && $said[1] === (string) $chain) {
                $noted[] = ['day' => $said[0], 'position' => (int) $said[2], 'digest' => $said[3]];
            }
        }

        return $noted;
    }
}
