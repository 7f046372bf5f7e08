<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;
use Symfony\Component\Process\Process;

/** The server of a lane, stopped and started as a power cut would. */
final readonly class Lane
{
    private const LONGEST_SECONDS = 20;

    /** @param  list<string>  $command  that starts it */
    private function __construct(private string $pidFile, private array $command) {}

    public static function first(): self
    {
        $folder = dirname(__DIR__, 2).'/var/run/lane1';
        $pid = trim((string) file_get_contents($folder.'/nginx.pid'));
        $title = str_replace("\0", ' ', (string) file_get_contents("/proc/$pid/cmdline"));
        if (preg_match('/process (\S+ -c \S+ -e \S+)/', $title, $found) !== 1) {
            throw new RuntimeException("The server of the lane is not known by its title: $title");
        }
        $owner = posix_getpwuid((int) fileowner("/proc/$pid"))['name'] ?? '';
        $as = posix_getuid() === 0 ? ['setpriv', '--reuid='.$owner, '--regid='.$owner, '--init-groups'] : [];

        return new self($folder.'/nginx.pid', [...$as, ...explode(' ', $found[1])]);
    }

    /** Does what waits in the queues of this process's lane, as the worker that ./pasada up starts would. */
    public static function work(): void
    {
        $root = dirname(__DIR__, 2);
        $lane = 'lane'.(getenv('TEST_TOKEN') === false ? 1 : (int) getenv('TEST_TOKEN'));
        $owner = posix_getpwuid((int) fileowner("$root/var/run/$lane/fpm.sock"))['name'] ?? '';
        $as = posix_getuid() === 0 ? ['setpriv', '--reuid='.$owner, '--regid='.$owner, '--init-groups'] : [];
        foreach (['live', 'default'] as $queue) {
            (new Process(
                [...$as, 'php', '-d', 'pcov.enabled=0', 'artisan', 'pasada:work', $queue, '--until-empty'], $root,
                ['APP_CONFIG_CACHE' => "$root/var/run/$lane/config.php", 'DB_DATABASE' => "pasada_$lane",
                    'APP_ROUTES_CACHE' => "$root/var/run/$lane/routes.php", 'QUEUE_CONNECTION' => 'database',
                    'APP_ENV' => 'production', 'CACHE_STORE' => false],
                timeout: self::LONGEST_SECONDS * 10,
            ))->mustRun();
        }
    }

    public function stop(): void
    {
        $pid = (int) file_get_contents($this->pidFile);
        posix_kill($pid, SIGTERM);
        // The server takes its file away as it ends; its process may stay in the list, where nobody collects it.
        for ($end = microtime(true) + self::LONGEST_SECONDS; is_file($this->pidFile); clearstatcache()) {
            if (microtime(true) > $end) {
                throw new RuntimeException("The server of the lane did not end: {$this->pidFile} is still there.");
            }
            usleep(20_000);
        }
    }

    public function start(): void
    {
        (new Process($this->command))->mustRun();
    }
}
