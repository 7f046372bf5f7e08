<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\User;
use Illuminate\Contracts\Cache\Repository;

/**
 * From which addresses whom has signed in lately. Somebody else's wrong tries, at the same address or for the same
 * account, do not shut out who is known there.
 */
final readonly class KnownAddresses
{
    private const DAYS = 30;

    public function __construct(private Repository $cache) {}

    public function remember(User $user, string $address): void
    {
        $this->cache->put(self::key($user->id, $address), true, 86_400 * self::DAYS);
    }

    public function knows(int $userId, string $address): bool
    {
        return $this->cache->get(self::key($userId, $address)) === true;
    }

    private static function key(int $userId, string $address): string
    {
        return 'known-address:'.$userId.':'.hash('xxh128', $address);
    }
}
