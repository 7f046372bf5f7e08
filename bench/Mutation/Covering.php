<?php

declare(strict_types=1);

namespace Pasada\Bench\Mutation;

use FilesystemIterator;
use Pest\Mutate\Mutation;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use RuntimeException;
use SebastianBergmann\CodeCoverage\CodeCoverage;
use SplFileInfo;

/**
 * Which tests reach which line, measured once and kept until the code or a test changes.
 *
 * @phpstan-type ByLine array<string, array<int, list<string>>>
 */
final class Covering
{
    /** @param  array{examples: ByLine, properties: ByLine}  $by */
    private function __construct(private readonly array $by) {}

    public static function by(string $root, string $kept): self
    {
        $file = "$kept/covering-".md5(self::stateOf('core/src').self::stateOf('core/tests')).'.json';
        if (! is_file($file)) {
            foreach ((array) glob("$kept/covering-*.json") as $old) {
                unlink((string) $old);
            }
            fwrite(STDERR, "Looking which tests reach which line\n");
            $by = [
                'examples' => self::measured($root, $kept, '--exclude-group=properties'),
                'properties' => self::measured($root, $kept, '--group=properties'),
            ];
            file_put_contents($file, json_encode($by, JSON_THROW_ON_ERROR));
        }
        /** @var array{examples: ByLine, properties: ByLine} $by */
        $by = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);

        return new self($by);
    }

    /** @return list<string> class and method of the tests that reach the mutant's lines */
    public function examples(Mutation $mutant): array
    {
        return self::reaching($this->by['examples'], $mutant);
    }

    /** @return list<string> */
    public function properties(Mutation $mutant): array
    {
        return self::reaching($this->by['properties'], $mutant);
    }

    /** A hash over every file of a folder. */
    public static function stateOf(string $folder): string
    {
        $hashes = [];
        $files = new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS);
        foreach (new RecursiveIteratorIterator($files) as $file) {
            assert($file instanceof SplFileInfo);
            $hashes[] = $file->getPathname().md5_file($file->getPathname());
        }
        sort($hashes);

        return md5(implode("\n", $hashes));
    }

    /**
     * @param  ByLine  $lines
     * @return list<string>
     */
    private static function reaching(array $lines, Mutation $mutant): array
    {
        $tests = [];
        foreach (range($mutant->startLine, $mutant->endLine) as $line) {
            $tests = [...$tests, ...$lines[$mutant->file->getRealPath()][$line] ?? []];
        }

        // No line of a constant or of a property is ever run: whoever reaches the file may notice.
        if ($tests === []) {
            $tests = array_merge(...array_values($lines[$mutant->file->getRealPath()] ?? []));
        }

        return array_values(array_unique($tests));
    }

    /** @return ByLine tests by file and line */
    private static function measured(string $root, string $kept, string $which): array
    {
        $report = "$kept/coverage.php";
        $php = [PHP_BINARY, '-d', 'pcov.enabled=1', '-d', 'pcov.directory=core/src', '-d', 'memory_limit=6G'];
        $pest = ["$root/vendor/bin/pest", '--testsuite=Core', $which, '--do-not-cache-result'];
        $command = array_map(escapeshellarg(...), [...$php, ...$pest, "--coverage-php=$report"]);
        exec(implode(' ', $command).' 2>&1', $told, $code);
        if ($code !== 0 || ! is_file($report)) {
            throw new RuntimeException("The tests are not green without any fault:\n".implode("\n", $told));
        }
        $coverage = require $report;
        unlink($report);
        assert($coverage instanceof CodeCoverage);
        /** @var array<string, array<int, list<string>|null>> $reached */
        $reached = $coverage->getData()->lineCoverage();

        return array_map(static fn (array $lines): array => array_map(self::tests(...), $lines), $reached);
    }

    /**
     * The cases of a table are one test here.
     *
     * @param  list<string>|null  $cases
     * @return list<string>
     */
    private static function tests(?array $cases): array
    {
        $of = static fn (string $case): string => explode('#', $case)[0];

        return array_values(array_unique(array_map($of, $cases ?? [])));
    }
}
