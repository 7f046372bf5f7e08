<?php

declare(strict_types=1);

use Illuminate\Routing\Route;
use Tests\Support\ApiClient;
use Tests\Support\Browser;
use Tests\Support\Flood;
use Tests\TestCase;

// What nginx and the processes behind it do; no browser is needed for it.

uses(TestCase::class);

const NEEDED = [
    'x-content-type-options' => 'nosniff', 'referrer-policy' => 'same-origin', 'x-frame-options' => 'DENY',
];

function lane(): string
{
    $token = getenv('TEST_TOKEN');

    return dirname(__DIR__, 2).'/var/run/lane'.($token === false ? '1' : $token);
}

/**
 * @return array{int, array<string, string>} status and headers, each name in small letters; a header that comes twice
 *   is an error
 */
function headersOf(string $method, string $address, string $body = ''): array
{
    $curl = curl_init(Browser::servedAt().$address);
    $headers = [];
    curl_setopt_array($curl, [
        CURLOPT_CUSTOMREQUEST => $method,
        CURLOPT_NOBODY => $method === 'HEAD',
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_POSTFIELDS => $body,
        CURLOPT_HTTPHEADER => ['Accept: application/json', 'Expect:'],
        CURLOPT_HEADERFUNCTION => function ($curl, string $line) use (&$headers): int {
            [$name, $value] = array_map(trim(...), explode(':', $line, 2)) + [1 => ''];
            $name = strtolower($name);
            if ($value !== '' && $name !== 'set-cookie') {
                $headers[$name] = isset($headers[$name]) ? throw new LogicException("$name comes twice.") : $value;
            }

            return strlen($line);
        }]);
    curl_exec($curl);

    return [curl_getinfo($curl, CURLINFO_RESPONSE_CODE), $headers];
}

it('sends its headers with every kind of answer', function (): void {
    preg_match_all('/^\s*location (?:= |~ )?(\S+) \{/m', (string) file_get_contents(lane().'/nginx.conf'), $found);
    $assets = glob(dirname(__DIR__, 2).'/public/app/assets/*.js') ?: [];
    // An address for each location of nginx; the named ones are where it answers for php-fpm.
    $addresses = [
        '/app/assets/' => '/app/assets/'.basename($assets[0] ?? ''),
        '/app/sw.js' => '/app/sw.js',
        '/api/' => '/api/v1/session',
        '^/(up|ready|metrics)$' => '/ready',
        '\.php$' => '/index.php',
        '/' => '/students',
        '/app/index.html' => '/app/index.html',
        '@too-large' => null,
        '@away' => null,
    ];
    expect(array_diff($found[1], array_keys($addresses)))->toBe([]);
    $answers = array_map(static fn (string $address): array => headersOf('GET', $address), array_filter($addresses));
    $answers['@too-large'] = headersOf('POST', '/api/v1/records', str_repeat('x', 13_000_000));
    expect($answers['@too-large'][0])->toBe(413);
    foreach (app('router')->getRoutes()->getRoutes() as $route) {
        assert($route instanceof Route);
        $address = '/'.preg_replace('/\{\w+\}/', '1', $route->uri());
        $answers[$route->methods()[0].' '.$address] = headersOf($route->methods()[0], $address);
    }
    foreach ($answers as $what => [$status, $headers]) {
        expect([$what => array_intersect_key($headers, NEEDED)])->toBe([
            $what => array_intersect_key(NEEDED + $headers, NEEDED),
        ]);
        expect($headers['content-security-policy'] ?? '', "$what ($status)")
            ->toContain("default-src 'none'")
            ->toContain("script-src 'self'")
            ->toContain("frame-ancestors 'none'")
            ->not->toContain("script-src 'self' 'unsafe");
        if (str_contains((string) $what, '/api/')) {
            expect([$what => $headers['cache-control'] ?? ''])->toBe([$what => 'no-store']);
        }
    }
    expect(count($answers))->toBeGreaterThan(50);
});

it('tells at once whom it cannot answer soon to come again, and answers the others', function (): void {
    $answers = Flood::of(Browser::servedAt().'/api/v1/session', 400);

    expect(array_diff(array_keys($answers), [401, 503]))->toBe([])
        ->and(count($answers[401]))->toBeGreaterThanOrEqual(128)
        ->and($answers[503][0] ?? '')->toMatch('/retry-after: 5/i')->toContain('Pasada is starting or busy')
        ->and(headersOf('GET', '/api/v1/session')[0])->toBe(401);
});

it('runs nothing as root', function (): void {
    $ours = [];
    foreach (glob('/proc/[0-9]*') ?: [] as $process) {
        $command = (string) @file_get_contents("$process/cmdline");
        if (
            preg_match('/^(nginx|php-fpm|\S*mariadbd)/', $command) === 1 &&
            (str_contains($command, dirname(__DIR__, 2).'/var/') || str_contains($command, 'pasada-'))
        ) {
            $ours[] = fileowner($process);
        }
    }
    expect(count($ours))->toBeGreaterThan(4)->and($ours)->not->toContain(0);
});

it('keeps what it writes to itself', function (): void {
    $var = dirname(__DIR__, 2).'/var';
    $open = static fn (string $file): int => fileperms($file) & 0o077;
    expect($open($var))->toBe(0);
    foreach (
        [
            lane().'/config.php', lane().'/routes.php', "$var/.env", ...glob("$var/log/*.log") ?: [],
            ...glob("$var/storage/logs/*.log") ?: [],
        ] as $file
    ) {
        expect([basename($file) => $open($file)])->toBe([basename($file) => 0]);
    }
});

it('writes no value of a query into its log', function (): void {
    $person = ApiClient::signedIn(Browser::servedAt(), 'rosa@ferrow-sound.example');
    [$status] = $person->raw('GET', '/api/v1/students/1', '');
    $logs = implode(
        '',
        array_map(
            static fn (string $file): string => (string) file_get_contents($file),
            glob(dirname(__DIR__, 2).'/var/storage/logs/*.log') ?: [],
        ),
    );

    expect($status)->toBe(200)->and($logs)->not->toContain('rosa@ferrow-sound.example');
});
