<?php

declare(strict_types=1);

namespace Tests\Support;

use Symfony\Component\Process\Process;

/** Runs the script of this checkout as a person would, and asks the database as it does. */
final readonly class Shell
{
    private const SECONDS = 120;

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $env
     * @return array{int, string} how it ended, and what it said
     */
    public static function run(array $command, array $env = []): array
    {
        $process = new Process($command, dirname(__DIR__, 2), $env, timeout: self::SECONDS);
        $process->run();

        return [(int) $process->getExitCode(), $process->getOutput().$process->getErrorOutput()];
    }

    /** A command of the application, as the account that serves it. */
    public static function artisan(string $database, string ...$command): string
    {
        return self::script('artisan "$@"', $database, ...$command);
    }

    public static function sql(string $statement): string
    {
        return self::script('sql -e "$1"', $statement);
    }

    private static function script(string $does, string ...$given): string
    {
        [, $said] = self::run(['bash', '-c', 'set -euo pipefail; ROOT=$PWD; PORT=0; . scripts/common.sh; '.
            '. scripts/machine.sh; . scripts/database.sh; '.$does, '_', ...array_values($given)]);

        return trim($said);
    }
}
