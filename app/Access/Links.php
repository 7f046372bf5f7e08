<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\AccessLink;
use App\Models\User;
use App\Trail\Did;
use App\Trail\Trail;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** One-time links by which somebody sets a password: at the first time, or where it was forgotten. */
final readonly class Links
{
    /** A new person is in class within the week; who forgot a password stands beside the manager. */
    private const DAYS_TO_BEGIN = 7;

    private const HOURS_TO_RESET = 24;

    public function __construct(private ConnectionInterface $database, private Trail $trail) {}

    /**
     * A new link; what was made before for this person opens nothing any more.
     *
     * @return array{string, Carbon} what is in the link, and until when it opens
     */
    public function make(User $for, ?User $by, Carbon $now): array
    {
        $token = Str::random(40);
        $until = $for->password_set_at === null
            ? $now->copy()->addDays(self::DAYS_TO_BEGIN)
            : $now->copy()->addHours(self::HOURS_TO_RESET);
        $this->database->transaction(function () use ($for, $by, $now, $token, $until): void {
            AccessLink::query()->where('user_id', $for->id)->whereNull('used_at')->update(['used_at' => $now]);
            AccessLink::query()->create([
                'user_id' => $for->id, 'token_digest' => AccessLink::digest($token), 'until' => $until,
                'made_by' => $by?->id, 'made_at' => $now,
            ]);
            $this->trail->keep($for->school_id, Did::LinkMade, 'user', $for->id, by: $by);
        });

        return [$token, $until];
    }

    /** @throws LinkOpensNothing with the reason */
    public function find(string $token, Carbon $now): AccessLink
    {
        $link = AccessLink::query()->where('token_digest', AccessLink::digest($token))->first();

        return match (true) {
            $link === null => throw LinkOpensNothing::unknown(),
            $link->used_at !== null => throw LinkOpensNothing::used(),
            $link->until->isBefore($now) => throw LinkOpensNothing::late(),
            $link->user->disabled_at !== null => throw LinkOpensNothing::disabled(),
            default => $link,
        };
    }
}
