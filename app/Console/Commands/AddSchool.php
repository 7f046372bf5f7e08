<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Access\Links;
use App\Access\Passwords;
use App\Models\Installation;
use App\Models\Role;
use App\Models\School;
use App\Models\User;
use App\Trail\Did;
use App\Trail\Trail;
use Illuminate\Console\Command;
use Illuminate\Contracts\Validation\Factory;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;

final class AddSchool extends Command
{
    protected $signature = 'pasada:school {name : of the school} {state} {manager : name of who manages it} '.
        '{email : of the manager} {--time-zone=America/New_York}';

    protected $description = 'Add a school to this installation, and print the link for its manager\'s password';

    public function handle(Factory $validator, ConnectionInterface $database, Links $links, Trail $trail): int
    {
        $told = [...$this->arguments(), 'time-zone' => $this->option('time-zone')];
        $checked = $validator->make($told, [
            'name' => ['required', 'max:120'], 'state' => ['required', 'max:60'], 'manager' => ['required', 'max:120'],
            'email' => ['required', 'email', 'unique:users,email'], 'time-zone' => ['required', 'timezone:all'],
        ], [
            'email.unique' => 'This address belongs to an account already; use another one.',
            'email.email' => 'The address is none; write it as name@school.example.',
            'time-zone.*' => 'This time zone is not known; write it as America/Chicago.',
            '*.max' => 'The :attribute is too long.',
        ]);
        $fault = Installation::here()?->kind === Installation::SCHOOL
            ? $checked->errors()->first()
            : 'This Pasada is no school\'s. Begin with ./pasada up --school.';
        if ($fault !== '') {
            $this->error($fault);

            return self::FAILURE;
        }
        /** @var array{string, Carbon} $link */
        $link = $database->transaction(function () use ($told, $links, $trail): array {
            $school = School::query()->create([
                'name' => $told['name'], 'state' => $told['state'], 'time_zone' => $told['time-zone'],
            ]);
            $manager = User::query()->create([
                'school_id' => $school->id, 'name' => $told['manager'], 'email' => $told['email'],
                'password' => Passwords::nobodys(), 'role' => Role::Manager,
            ]);
            $trail->keep(Trail::INSTALLATION, Did::Created, 'school', $school->id);

            return $links->make($manager, null, Carbon::now());
        });
        [$token, $until] = $link;
        $this->line(
            sprintf('The manager sets a password at /welcome/%s until %s UTC.', $token, $until->toDateTimeString()),
        );

        return self::SUCCESS;
    }
}
