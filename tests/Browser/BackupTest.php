<?php

declare(strict_types=1);

use Tests\Support\Shell;

// Backup and restore by the script, of demo data at rest: what is restored is compared row by row.

beforeEach(function (): void {
    // A copy at rest: the other tests go on changing the lane's own.
    if (Shell::sql("SELECT COUNT(*) FROM information_schema.schemata WHERE schema_name = 'pasada_quiet'") === '0') {
        $copy = sys_get_temp_dir().'/pasada-quiet-'.bin2hex(random_bytes(6));
        Shell::run(['./pasada', 'backup', $copy], ['PASADA_DATABASE' => 'pasada_lane1']);
        Shell::run(['./pasada', 'restore', $copy, '--yes'], ['PASADA_DATABASE' => 'pasada_quiet']);
        unlink($copy);
    }
    $this->file = sys_get_temp_dir().'/pasada-backup-'.bin2hex(random_bytes(6));
    $this->backup = fn (array $env = []): array => Shell::run(
        ['./pasada', 'backup', $this->file], ['PASADA_DATABASE' => 'pasada_quiet', ...$env],
    );
    $this->restore = fn (string $into, array $env = []): array => Shell::run(
        ['./pasada', 'restore', $this->file, '--yes'], ['PASADA_DATABASE' => $into, ...$env],
    );
});

afterEach(function (): void {
    @unlink($this->file);
    Shell::sql('DROP DATABASE IF EXISTS pasada_restored');
});

afterAll(fn () => Shell::sql('DROP DATABASE IF EXISTS pasada_quiet'));

it('brings back every row of every table, encrypted or not', function (array $env): void {
    expect(($this->backup)($env)[0])->toBe(0)->and(($this->restore)('pasada_restored', $env)[0])->toBe(0);
    $tables = explode("\n", Shell::sql(
        "SELECT table_name FROM information_schema.tables WHERE table_schema = 'pasada_quiet' ORDER BY 1",
    ));
    expect(count($tables))->toBeGreaterThan(30);
    foreach ($tables as $table) {
        $sum = static fn (string $of): string => explode("\t", Shell::sql("CHECKSUM TABLE $of.$table"))[1];
        expect([$table, $sum('pasada_restored')])->toBe([$table, $sum('pasada_quiet')]);
    }
})->with(['plain' => [[]], 'encrypted' => [['PASADA_PASSPHRASE' => 'slack lug tarpaulin']]]);

it('refuses a damaged backup, a wrong passphrase, a newer one, and a place with records in it', function (): void {
    ($this->backup)(['PASADA_PASSPHRASE' => 'slack lug tarpaulin']);
    [$code, $said] = ($this->restore)('pasada_restored', ['PASADA_PASSPHRASE' => 'wrong']);
    expect([$code, $said])->toBe([1, $said])->and($said)->toContain('does not open with this passphrase');
    unlink($this->file);
    ($this->backup)();
    [$code, $said] = ($this->restore)('pasada_quiet');
    expect($code)->toBe(1)->and($said)->toContain('a backup replaces none');
    $whole = (string) file_get_contents($this->file);
    file_put_contents($this->file, substr($whole, 0, intdiv(strlen($whole), 2)));
    [$code, $said] = ($this->restore)('pasada_restored');
    expect($code)->toBe(1)->and($said)->toContain('damaged');
    $there = Shell::sql("SELECT COUNT(*) FROM information_schema.schemata WHERE schema_name = 'pasada_restored'");
    expect($there)->toBe('0');
});

it('replaces no file', function (): void {
    touch($this->file);
    [$code, $said] = ($this->backup)();
    expect($code)->toBe(1)->and($said)->toContain('is there already');
});

it('goes on from a backup to the moment before a mishap', function (): void {
    ($this->backup)();
    Shell::sql("UPDATE pasada_quiet.students SET number = 'A-17' WHERE id = 1");
    $moment = Shell::sql("SELECT DATE_FORMAT(UTC_TIMESTAMP() + INTERVAL 1 SECOND, '%Y-%m-%d %H:%i:%s')");
    Shell::sql('DO SLEEP(2); DELETE FROM pasada_quiet.item_outcomes; UPDATE pasada_quiet.students SET number = NULL');
    $until = fn (string $time, string ...$more): array => Shell::run(
        ['./pasada', 'restore', $this->file, '--yes', '--until', $time, ...$more],
        ['PASADA_DATABASE' => 'pasada_restored'],
    );
    expect($until($moment)[0])->toBe(0)
        ->and(Shell::sql('SELECT number FROM pasada_restored.students WHERE id = 1'))->toBe('A-17')
        ->and(Shell::sql('SELECT COUNT(*) FROM pasada_restored.item_outcomes'))->not->toBe('0');
    Shell::sql('DROP DATABASE pasada_restored');
    foreach ([
        ['lies before this backup', '2020-01-01 12:00'], ['is no time', 'noonish'],
        ['say where they are', $moment, '--changes', sys_get_temp_dir()],
    ] as $given) {
        [$code, $said] = $until(...array_slice($given, 1));
        expect($code)->toBe(1)->and($said)->toContain($given[0]);
    }
    expect(Shell::sql("SELECT COUNT(*) FROM information_schema.schemata WHERE schema_name = 'pasada_restored'"))
        ->toBe('0');
});
