<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\User;
use App\Trail\Did;
use App\Trail\Trail;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Contracts\Session\Session;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Session\SessionManager;
use Illuminate\Support\Carbon;
use stdClass;

/**
 * Where an account is signed in. Sessions may lie in the database, or in a store that cannot be asked whose they are:
 * then a line in the database tells that.
 */
final readonly class Sessions
{
    private const TABLE = 'sessions';

    /** Where a session keeps when its line was last written. */
    private const NOTED = 'noted_at';

    private const NOTED_AGAIN_SECONDS = 300;

    public function __construct(
        private ConnectionInterface $database, private Trail $trail, private SessionManager $manager,
        private Repository $settings,
    ) {}

    /** Tells of a session whose store does not; often enough to see which of them are in use. */
    public function note(Session $session, User $user, ?string $address, ?string $program): void
    {
        $now = Carbon::now()->getTimestamp();
        $noted = $session->get(self::NOTED);
        if (
            $this->manager->getDefaultDriver() === 'database' ||
            (is_int($noted) && $noted > $now - self::NOTED_AGAIN_SECONDS)
        ) {
            return;
        }
        $this->database->table(self::TABLE)->updateOrInsert(['id' => $session->getId()], [
            'user_id' => $user->id, 'ip_address' => $address, 'user_agent' => mb_substr((string) $program, 0, 500),
            'payload' => '', 'last_activity' => $now,
        ]);
        $this->database->table(self::TABLE)->where('last_activity', '<', $now - $this->lifetime())->delete();
        $session->put(self::NOTED, $now);
    }

    /**
     * @return list<stdClass&object{id: string, ip_address: string|null, user_agent: string|null, last_activity: int}>
     */
    public function of(User $user): array
    {
        /** @var list<stdClass&object{id: string, ip_address: string|null, user_agent: string|null,
         *   last_activity: int}> */
        return $this->database->table(self::TABLE)->where('user_id', $user->id)
            ->where('last_activity', '>=', Carbon::now()->getTimestamp() - $this->lifetime())
            ->orderByDesc('last_activity')
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
                $this->forget($session->id);
                $this->trail->keep($user->school_id, Did::SessionsEnded, 'user', $user->id);

                return true;
            }
        }

        return false;
    }

    /** @param  string|null  $but  the one that goes on */
    public function endAll(User $user, ?string $but = null): void
    {
        $ended = 0;
        foreach ($this->database->table(self::TABLE)->where('user_id', $user->id)->pluck('id') as $id) {
            if (is_string($id) && $id !== $but) {
                $this->forget($id);
                $ended++;
            }
        }
        if ($ended > 0) {
            $this->trail->keep($user->school_id, Did::SessionsEnded, 'user', $user->id);
        }
    }

    private function forget(string $id): void
    {
        $store = $this->manager->driver();
        assert($store instanceof Session);
        $store->getHandler()->destroy($id);
        $this->database->table(self::TABLE)->where('id', $id)->delete();
    }

    private function lifetime(): int
    {
        $minutes = $this->settings->get('session.lifetime');

        return 60 * (is_int($minutes) ? $minutes : 0);
    }
}
