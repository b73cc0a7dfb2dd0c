<?php

declare(strict_types=1);

namespace App\LocalNet;

/** The SHA-256 fingerprint of a certificate, as a phone shows it and in words that can be called across a room. */
final readonly class Fingerprint
{
    /** Bytes of it that are said in words: forty-eight bits, more than anybody makes a second certificate for in an evening. */
    private const SAID = 6;

    private function __construct(private string $bytes)
    {
    }

    /** Of what is served now; null where nothing answers. */
    public static function at(Opening $opening): ?self
    {
        $context = stream_context_create([
            'ssl' => ['capture_peer_cert' => true, 'verify_peer' => false, 'verify_peer_name' => false],
        ]);
        $socket = @stream_socket_client(
            "ssl://{$opening->where()}",
            $code,
            $words,
            1.0,
            STREAM_CLIENT_CONNECT,
            $context,
        );
        if ($socket === false) {
            return null;
        }
        $options = stream_context_get_options($socket);
        fclose($socket);
        $certificate = $options['ssl']['peer_certificate'] ?? null;

        return $certificate instanceof \OpenSSLCertificate ? self::of($certificate) : null;
    }

    /** Of this bench's own authority, which signs what is served; null before it was opened the first time. */
    public static function ofAuthority(): ?self
    {
        $pem = self::authority();

        return $pem === null ? null : self::of($pem);
    }

    /** The authority's certificate as a file that a phone takes in. */
    public static function authority(): ?string
    {
        $pem = @file_get_contents(config()->string('app.authority').'/pki/authorities/local/root.crt');

        return $pem === false || $pem === '' ? null : $pem;
    }

    public static function of(\OpenSSLCertificate|string $certificate): ?self
    {
        $bytes = @openssl_x509_fingerprint($certificate, 'sha256', true);

        return $bytes === false ? null : new self($bytes);
    }

    /** "3A 5F 91 0C …" in groups as a phone shows them. */
    public function hex(): string
    {
        return strtoupper(implode(' ', str_split(bin2hex($this->bytes), 2)));
    }

    /** @return list<string> */
    public function words(): array
    {
        $list = self::list();

        return array_map(
            fn (string $byte): string => $list[ord($byte)],
            str_split(substr($this->bytes, 0, self::SAID)),
        );
    }

    /** @return list<string> two hundred and fifty-six, told apart by ear */
    public static function list(): array
    {
        return preg_split('/\s+/', trim((string) file_get_contents(__DIR__.'/words.txt'))) ?: [];
    }
}
