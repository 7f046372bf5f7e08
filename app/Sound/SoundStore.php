<?php

declare(strict_types=1);

namespace App\Sound;

use Illuminate\Contracts\Filesystem\Filesystem;
use RuntimeException;

/**
 * Sound at rest: outside the database, each piece sealed by XChaCha20-Poly1305 (libsodium) and tied to its place, so
 * that a piece can be read only where it was put. Without the application's key nothing of it can be heard.
 */
final readonly class SoundStore
{
    private const NONCE = SODIUM_CRYPTO_AEAD_XCHACHA20POLY1305_IETF_NPUBBYTES;

    private string $key;

    public function __construct(private Filesystem $disk, string $secret)
    {
        $this->key = sodium_crypto_generichash(
            'sound of walks', hash('sha256', $secret, true),
            SODIUM_CRYPTO_AEAD_XCHACHA20POLY1305_IETF_KEYBYTES,
        );
    }

    public function put(string $path, string $sound): void
    {
        $nonce = random_bytes(self::NONCE);
        $this->disk->put($path, $nonce.sodium_crypto_aead_xchacha20poly1305_ietf_encrypt(
            $sound, $path, $nonce, $this->key,
        ));
    }

    /** @throws RuntimeException if it is missing, was changed, or was put elsewhere */
    public function read(string $path): string
    {
        $sealed = (string) $this->disk->get($path);
        $sound = strlen($sealed) <= self::NONCE ? false : sodium_crypto_aead_xchacha20poly1305_ietf_decrypt(
            substr($sealed, self::NONCE), $path, substr($sealed, 0, self::NONCE), $this->key,
        );

        return $sound === false ? throw new RuntimeException("the sound $path is missing or was changed") : $sound;
    }

    public function forget(string $path): void
    {
        $this->disk->delete($path);
    }

    public function forgetAll(string $folder): void
    {
        $this->disk->deleteDirectory($folder);
    }
}
