<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\User;
use App\Trail\Did;
use App\Trail\Trail;
use Illuminate\Database\ConnectionInterface;
use stdClass;

/** Where an account is signed in. */
final readonly class Sessions
{
    private const TABLE = 'sessions';

    public function __construct(private ConnectionInterface $database, private Trail $trail) {}

    /**
     * @return list<stdClass&object{id: string, ip_address: string|null, user_agent: string|null, last_activity: int}>
     */
    public function of(User $user): array
    {
        /** @var list<stdClass&object{id: string, ip_address: string|null, user_agent: string|null,
         *   last_activity: int}> */
        return $this->database->table(self::TABLE)->where('user_id', $user->id)->orderByDesc('last_activity')
            ->get(['id', 'ip_address', 'user_agent', 'last_activity'])->all();
    }

    /** What stands for a session where others may see it. */
    public static function sign(string $id): string
    {
        return substr(hash('sha256', $id), 0, 16);
    }

    /** @return bool whether there was such a one */
    public function end(User $user, string $sign): bool
    {
        foreach ($this->of($user) as $session) {
            if (hash_equals(self::sign($session->id), $sign)) {
                $this->database->table(self::TABLE)->where('id', $session->id)->delete();
                $this->trail->keep($user->school_id, Did::SessionsEnded, 'user', $user->id);

                return true;
            }
        }

        return false;
    }

    /** @param  string|null  $but  the one that goes on */
    public function endAll(User $user, ?string $but = null): void
    {
        $all = $this->database->table(self::TABLE)->where('user_id', $user->id);
        if ($but !== null) {
            $all->where('id', '<>', $but);
        }
        if ($all->delete() > 0) {
            $this->trail->keep($user->school_id, Did::SessionsEnded, 'user', $user->id);
        }
    }
}
