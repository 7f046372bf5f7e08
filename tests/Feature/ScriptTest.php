<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

/** Runs a few lines in the words of ./pasada, in a checkout of its own. */
function inScript(string $root, string $lines): string
{
    $run = new Process([
        'bash',
        '-euo',
        'pipefail',
        '-c',
        "ROOT=$root; ".
        'for part in common machine database serve cluster watch tests; do . '.
        base_path('scripts').
        '/$part.sh; done; mkdir -p "$RUN" "$VAR/log"; '.
        $lines,
    ]);
    $run->run();

    return trim($run->getOutput().$run->getErrorOutput());
}

/** A process of this title, as nginx and its like give themselves one. */
function titled(string $title): Process
{
    $process = new Process(['bash', '-c', "exec -a \"$title\" sleep 60"]);
    $process->start();
    // Until bash has become it.
    while (! str_starts_with((string) @file_get_contents("/proc/{$process->getPid()}/cmdline"), $title)) {
        usleep(5_000);
    }

    return $process;
}

beforeEach(function (): void {
    $this->root = sys_get_temp_dir().'/pasada-script-'.getmypid();
    mkdir($this->root.'/var/run/app', 0700, true);
});

afterEach(fn () => (new Process(['rm', '-rf', $this->root]))->run());

it('ends its own processes and no others, whatever number stands in a file', function (
    string $title,
    bool $isOurs,
): void {
    $process = titled(str_replace('{root}', $this->root, $title));
    file_put_contents($this->root.'/var/run/app/nginx.pid', (string) $process->getPid());
    $told = inScript(
        $this->root,
        'alive "$RUN/app/nginx.pid" && echo ours || echo not ours; stop_pid "$RUN/app/nginx.pid"; [ ! -f '.
            '"$RUN/app/nginx.pid" ]',
    );

    expect($told)->toBe($isOurs ? 'ours' : 'not ours')->and($process->isRunning())->toBe(! $isOurs);
    $process->stop(0);
})->with([
    'its nginx' => ['nginx: master process nginx -c {root}/var/run/app/nginx.conf', true],
    'the nginx of another checkout' => ['nginx: master process nginx -c /elsewhere/var/run/app/nginx.conf', false],
    'a stale number that is an editor now' => ['vim {root}/var/run/app/nginx.conf', false],
]);

it('asks for no package that is there', function (): void {
    expect(
        inScript(
            $this->root,
            'for n in $(seq 1 30); do need_packages ext:core=core ext:curl=php8.2-curl ext:zip=php8.2-zip '.
                'ext:nothing=a-package; echo; done | sort | uniq -c',
        ),
    )->toMatch('/^30 a-package$/');
});

it('remembers its ports, and takes none that another has', function (): void {
    $taken = stream_socket_server('tcp://127.0.0.1:0');
    $port = (int) substr((string) strrchr((string) stream_socket_get_name($taken, false), ':'), 1);

    expect(
        inScript(
            $this->root,
            "remember_port app 8123; remembered_port app; port_taken $port && echo taken; free_port $port ".
                ($port + 1),
        ),
    )->toBe("8123\ntaken\n".($port + 2));
});

it('does not run the tests twice in one checkout', function (): void {
    $first = new Process(['flock', '--no-fork', $this->root.'/var/run/test.lock', 'sleep', '60']);
    $first->start();
    while ((new Process(['flock', '-n', $this->root.'/var/run/test.lock', 'true']))->run() === 0) {
        usleep(5_000);
    }
    expect(inScript($this->root, 'hold_the_tests'))->toContain('a test run goes on in this checkout already');
    $first->stop(0);
});

it('starts one worker of a queue, whoever else starts one at the same moment, and stops it', function (): void {
    $counted = inScript($this->root, <<<'END'
        as_account() { "$@" 9>&-; }; env_value() { echo none; }
        export ROOT; mkdir "$ROOT/bin"; PATH=$ROOT/bin:$PATH
        printf '#!/bin/bash\nexec sleep 30' >"$ROOT/bin/php"; chmod +x "$ROOT/bin/php"
        loops() { pgrep -fc -- "^bash -c : worker.* $RUN/worker" || true; }
        for n in 1 2 3 4; do start_workers & done; wait
        for n in $(seq 1 200); do ! alive "$RUN/worker-live.pid" || ! alive "$RUN/worker-default.pid" || break; done
        loops; start_workers; loops; stop_workers; loops
        END);

    expect($counted)->toBe("2\n2\n0");
});

it('leaves no worker behind whose loop was killed', function (): void {
    $left = inScript($this->root, <<<'END'
        as_account() { "$@" 9>&-; }; env_value() { echo none; }
        export ROOT; mkdir "$ROOT/bin"; PATH=$ROOT/bin:$PATH
        printf '#!/bin/bash\nexec sleep 30' >"$ROOT/bin/php"; chmod +x "$ROOT/bin/php"
        start_workers
        workers=''
        for n in $(seq 1 200); do
            workers=$(for one in "$RUN"/worker-*.pid; do pgrep -x sleep -P "$(cat "$one")"; done 2>/dev/null) || true
            [ "$(wc -w <<<"$workers")" -lt 2 ] || break
        done
        kill -9 "$(cat "$RUN/worker-live.pid")" "$(cat "$RUN/worker-default.pid")"
        # One that has ended and that nobody has waited for has no command line any more.
        there() { for one in $workers; do cat "/proc/$one/cmdline" 2>/dev/null; done | wc -c; }
        for n in $(seq 1 300); do [ "$(there)" -gt 0 ] || break; done
        wc -w <<<"$workers"; there
        END);

    expect($left)->toBe("2\n0");
});

it('has a remedy for a port that is none', function (string $port): void {
    $run = new Process(['bash', base_path('pasada'), 'status'], base_path(), ['PASADA_PORT' => $port]);
    $run->run();
    expect($run->getExitCode())
        ->toBe(1)
        ->and($run->getErrorOutput())
        ->toContain("\"$port\" is no port")
        ->toContain('choose a number');
})->with(['eighty', '80', '99999', '-1']);

it('says what to do where a command of the cluster or the service makes no sense', function (
    string $command, string $says,
): void {
    expect(inScript($this->root, $command))->toContain('Pasada stopped')->toContain($says);
})->with([
    'no such command' => ['cluster spin', './pasada cluster up | down'],
    'nobody named' => ['cluster kill', 'status names them'],
    'nobody of that name' => ['cluster kill db9', 'db1, db2, db3, redis, front'],
    'no such server' => ['cluster kill app7', 'there is no server'],
    'more servers of no cluster' => ['cluster add-app', './pasada cluster up'],
    'a server that cannot hang' => ['cluster hang redis', 'db1, db2 or db3'],
    'watching over nothing' => ['watch', './pasada up'],
    'a service of nothing' => ['service', './pasada up'],
]);

it('has systemd watch over it as an account of its own', function (): void {
    expect(inScript($this->root, 'service_unit'))
        ->toContain('User=pasada-server')
        ->toContain("ExecStart={$this->root}/pasada watch")
        ->toContain('Restart=always')
        ->toContain('WantedBy=multi-user.target');
});

it('begins a cluster that was down with the node that had come furthest', function (
    array $positions, string $first,
): void {
    foreach ($positions as $node => $position) {
        mkdir("{$this->root}/var/cluster/$node/data", 0700, true);
        file_put_contents("{$this->root}/var/cluster/$node/data/grastate.dat", "uuid: x\nseqno:  $position\n");
    }

    expect(inScript($this->root, 'first_node'))->toBe($first);
})->with([
    'none was ever up' => [[], 'db1'],
    'in order' => [['db1' => 40, 'db2' => 30, 'db3' => 20], 'db1'],
    'an older state first' => [['db1' => 7, 'db2' => 300, 'db3' => 299], 'db2'],
    'one without a state' => [['db2' => 5, 'db3' => 12], 'db3'],
]);
