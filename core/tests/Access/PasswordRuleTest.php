<?php

declare(strict_types=1);

use Pasada\Core\Access\PasswordFault;
use Pasada\Core\Access\PasswordRule;

beforeEach(function (): void {
    $this->rule = PasswordRule::read((string) file_get_contents(dirname(__DIR__, 3).'/catalogue/common-passwords.txt'));
});

it('refuses what is guessed first, with the reason', function (string $password, PasswordFault $fault): void {
    expect($this->rule->fault($password, ['Rosa Kettering', 'rosa@ferrow-sound.example']))->toBe($fault);
})->with([
    ['short', PasswordFault::TooShort],
    ['elevensigns', PasswordFault::TooShort],
    [str_repeat('long words ', 7), PasswordFault::TooLong],
    ['password2026', PasswordFault::Common],
    ['Password!!!!', PasswordFault::Common],
    ['qwertyuiop12', PasswordFault::Common],
    ['baseballbaseball', PasswordFault::Common],
    ['aaaaaaaaaaaaaaaa', PasswordFault::Common],
    ['121212121212', PasswordFault::Common],
    ['kettering2026', PasswordFault::OwnName],
    ['Rosakettering', PasswordFault::OwnName],
]);

it('takes what is long and of one\'s own', function (string $password): void {
    expect($this->rule->fault($password, ['Rosa Kettering', 'rosa@ferrow-sound.example']))->toBeNull();
})->with(['slack lug tarpaulin', 'gladhand-over-easy', 'Ölstand im Gehäuse', 'kettering tarp lug slack']);
