<?php

declare(strict_types=1);

use App\Database\Trouble;
use Tests\Support\ApiClient;
use Tests\Support\Cluster;
use Tests\Support\Flood;
use Tests\Support\ScoredWalks;

// Against ./pasada cluster up: three nodes of the database, Redis, two servers, a balancer. ./pasada test cluster

beforeEach(function (): void {
    $this->cluster = Cluster::here();
    // As php-fpm and the workers of a server have it.
    ini_set('mysqlnd.net_read_timeout', '6');
});

it('keeps every acknowledged mark exactly once while a server and the node written to are killed', function (): void {
    $begun = ScoredWalks::begin($this->cluster->url(), 20);
    $begun->walks->run(60, $begun->killAndStart('app1', 8, 16) + $begun->killAndStart('db1', 26, 36));
    $begun->awaitAsked();

    expect($begun->counted())->toBe(['acknowledged' => 1200, 'missing' => 0, 'twice' => 0, 'unasked' => 0])
        ->and($begun->walks->longestWait)->toBeLessThan(10.0);
});

it('goes on without Redis, with the same sessions and limits on both servers', function (): void {
    $page = ApiClient::signedIn($this->cluster->url('app1'), 'rosa@ferrow-sound.example');
    $this->cluster->say('kill', 'redis');
    try {
        foreach (['app1', 'app2', 'front', 'app2'] as $server) {
            expect($this->cluster->get($server, '/api/v1/session', ...$page->headers())[0])->toBe(200);
        }
        [$status, $said] = $this->cluster->get('app1', '/ready', 'Authorization: Bearer '.$this->cluster->token());
        expect($status)->toBe(200)->and($said)->toContain('Redis is away');
    } finally {
        $this->cluster->say('start', 'redis');
    }
});

it('asks the other server in place of one whose php-fpm is stopped', function (): void {
    $run = dirname(__DIR__, 2).'/var/cluster/app1/var/run/app';
    posix_kill((int) file_get_contents("$run/fpm.pid"), SIGQUIT);
    try {
        while (file_exists("$run/fpm.sock")) {
            usleep(20_000);
            clearstatcache();
        }
        foreach (range(1, 6) as $n) {
            expect($this->cluster->get('front', '/api/v1/session')[0])->toBe(401);
        }
    } finally {
        $this->cluster->say('kill', 'app1');
        $this->cluster->say('start', 'app1');
    }
});

it('takes no busy server for a dead one', function (): void {
    $answers = Flood::of($this->cluster->url().'/api/v1/session', 700);

    expect(array_diff(array_keys($answers), [401, 503]))->toBe([])
        // What waits at one server; the other may just have come back and be left alone still.
        ->and(count($answers[401]))->toBeGreaterThanOrEqual(128)
        ->and(implode('', $answers[503] ?? []))->toContain('starting or busy')->not->toContain('No server answers')
        ->and($this->cluster->get('front', '/api/v1/session')[0])->toBe(401);
});

it('shares limits between servers, whatever address a sender claims', function (): void {
    $statuses = [];
    $who = 'nobody-'.bin2hex(random_bytes(4)).'@ferrow-sound.example';
    foreach (range(1, 7) as $n) {
        $page = new ApiClient($this->cluster->url($n % 2 === 0 ? 'app1' : 'app2'));
        $page->send('GET', '/session', null, 401);
        $statuses[] = $page->raw('POST', '/api/v1/session', (string) json_encode([
            'email' => $who, 'password' => 'wrong-'.$n,
        ]))[0];
    }

    expect($statuses)->toBe([422, 422, 422, 422, 422, 429, 429]);
});

it('tells figures to operators of one server, and to nobody through the balancer', function (): void {
    $bearer = 'Authorization: Bearer '.$this->cluster->token();
    expect($this->cluster->get('front', '/metrics', $bearer)[0])->toBe(404)
        ->and($this->cluster->get('app1', '/metrics')[0])->toBe(404)
        ->and($this->cluster->get('front', '/ready')[1])->not->toContain('in step')
        ->and($this->cluster->get('front', '/up')[1])->toBe('{"up":true}')
        ->and($this->cluster->get('app1', '/metrics', $bearer)[1])->toContain('pasada_database_nodes 3');
});

it('refuses what another node has changed first, and reads there what was just written here', function (): void {
    [$one, $two] = [$this->cluster->connect('db1'), $this->cluster->connect('db2')];
    $one->exec("replace into service_facts (name, value, since) values ('test', '0', now())");
    foreach (range(1, 50) as $n) {
        $one->exec("update service_facts set value = '$n' where name = 'test'");
        expect($two->query("select value from service_facts where name = 'test'")->fetchColumn())->toBe((string) $n);
    }
    $one->beginTransaction();
    $two->beginTransaction();
    $one->exec("update service_facts set value = 'one' where name = 'test'");
    $two->exec("update service_facts set value = 'two' where name = 'test'");
    $one->commit();
    $trouble = null;
    try {
        $two->commit();
    } catch (PDOException $why) {
        $trouble = Trouble::of($why);
    }

    expect($trouble)->toBe(Trouble::Conflict)
        ->and($one->query("select value from service_facts where name = 'test'")->fetchColumn())->toBe('one');
    $one->exec("delete from service_facts where name = 'test'");
});

it('gives out no number twice, whichever node is asked', function (): void {
    $steps = $offsets = [];
    foreach (['db1', 'db2', 'db3'] as $node) {
        [$steps[], $offsets[]] = $this->cluster->connect($node)
            ->query('select @@auto_increment_increment, @@auto_increment_offset')->fetch(PDO::FETCH_NUM);
    }

    expect(array_unique($steps))->toEqual([3])->and(array_unique($offsets))->toHaveCount(3);
});

it('uses no node that hangs or is out of step', function (): void {
    $named = static fn (PDO $pdo): mixed => $pdo->query('select @@wsrep_node_name')->fetchColumn();
    expect($named($this->cluster->connect('db3', 'db1')))->toBe('db3');
    $this->cluster->say('hang', 'db3');
    try {
        expect($named($this->cluster->connect('db3', 'db1')))->toBe('db1');
    } finally {
        $this->cluster->say('start', 'db3');
    }
});
