<?php

declare(strict_types=1);

namespace BenchGlow\HandOver;

use RuntimeException;

/** The bench's own key (Ed25519): what it hands over is signed with it. Made once, and never leaves the bench. */
final readonly class BenchKey
{
    /** @param  non-empty-string  $secret */
    private function __construct(private string $secret)
    {
    }

    /** The key that lies there; a new one where there is none. */
    public static function at(string $path): self
    {
        $known = is_file($path) ? base64_decode(trim((string) file_get_contents($path)), true) : false;
        if (is_string($known) && strlen($known) === SODIUM_CRYPTO_SIGN_SECRETKEYBYTES) {
            return new self($known);
        }
        $secret = sodium_crypto_sign_secretkey(sodium_crypto_sign_keypair());
        $part = "{$path}.".getmypid();
        if (
            ! (is_dir(dirname($path)) || @mkdir(dirname($path), 0700, true)) ||
            @file_put_contents($part, base64_encode($secret)."\n") === false ||
            ! @chmod($part, 0600)
        ) {
            throw new RuntimeException('The key of the bench can’t be written.');
        }
        // Two at once: the first one's stays, and both sign with it.
        if (@link($part, $path) === false && ! is_file($path)) {
            @rename($part, $path);
        }
        @unlink($part);

        return self::at($path);
    }

    public function sign(string $text): string
    {
        return base64_encode(sodium_crypto_sign_detached($text, $this->secret));
    }

    public function public(): string
    {
        return base64_encode(sodium_crypto_sign_publickey_from_secretkey($this->secret));
    }

    public static function isSigned(string $text, string $signature, string $public): bool
    {
        $sign = base64_decode($signature, true);
        $key = base64_decode($public, true);

        return is_string($sign) &&
            is_string($key) &&
            strlen($sign) === SODIUM_CRYPTO_SIGN_BYTES &&
            strlen($key) === SODIUM_CRYPTO_SIGN_PUBLICKEYBYTES &&
            sodium_crypto_sign_verify_detached($sign, $text, $key);
    }
}
