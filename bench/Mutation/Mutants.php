<?php

declare(strict_types=1);

namespace Pasada\Bench\Mutation;

use Pest\Mutate\Cache\FileStore;
use Pest\Mutate\Mutation;
use Pest\Mutate\Mutators\Sets\DefaultSet;
use Pest\Mutate\Support\FileFinder;
use Pest\Mutate\Support\MutationGenerator;
use Pest\Support\Container;
use Psr\SimpleCache\CacheInterface;

/** The faults to put into the code, one at a time: the default set of pest-plugin-mutate. */
final class Mutants
{
    /**
     * @param  list<string>  $folders
     * @return list<Mutation> in an order that has nothing to do with where they are
     */
    public static function of(array $folders, string $kept): array
    {
        // The package writes its mutants into a folder that it does not bring along.
        $written = dirname(__DIR__, 2).'/vendor/pestphp/pest-plugin-mutate/.temp/mutations';
        is_dir($written) || mkdir($written, recursive: true);
        Container::getInstance()->add(CacheInterface::class, new FileStore("$kept/mutants"));
        $generator = new MutationGenerator;
        $mutants = [];
        foreach (FileFinder::files($folders, []) as $file) {
            foreach ($generator->generate($file, DefaultSet::mutators()) as $mutant) {
                $mutants[] = $mutant;
            }
        }

        // By their ids, which are hashes: what is found by the time a run is ended is a fair sample of the whole.
        usort($mutants, static fn (Mutation $a, Mutation $b): int => $a->id <=> $b->id);

        return $mutants;
    }

    /** Where it is and what it changes, on one line. */
    public static function told(Mutation $mutant, string $root): string
    {
        $lines = [];
        foreach (explode("\n", strip_tags($mutant->diff)) as $line) {
            $line = trim($line);
            if (str_starts_with($line, '-') || str_starts_with($line, '+')) {
                $lines[] = $line;
            }
        }

        return sprintf(
            '%s:%d %s  %s',
            substr($mutant->file->getRealPath(), strlen($root) + 1),
            $mutant->startLine,
            substr((string) strrchr($mutant->mutator, '\\'), 1),
            implode('  ', $lines),
        );
    }
}
