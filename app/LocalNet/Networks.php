<?php

declare(strict_types=1);

namespace App\LocalNet;

use BenchGlow\Quantity\NotUnderstood;

/** The local nets this machine is on, asked of the machine. */
final readonly class Networks
{
    /** Addresses that no router carries beyond a local net (RFC 1918, 3927, 4193). */
    private const LOCAL = ['10.0.0.0/8', '172.16.0.0/12', '192.168.0.0/16', '169.254.0.0/16', 'fc00::/7'];

    /** @param  array<string, string>|null  $addresses  address => the interface it is on; null: asked of the machine */
    public function __construct(private ?array $addresses = null)
    {
    }

    /** @return array<string, string> address of this machine that others can reach => the interface */
    public function local(): array
    {
        return array_filter($this->all(), self::isLocal(...), ARRAY_FILTER_USE_KEY);
    }

    /**
     * An address that was typed or chosen; empty: the only one there is.
     *
     * @throws NotUnderstood
     */
    public function chosen(string $said): string
    {
        $said = strtolower(trim($said, " \t[]"));
        $local = $this->local();
        $has = self::list(array_keys($local));
        if ($said === '') {
            return match (count($local)) {
                1 => (string) array_key_first($local),
                0 => throw new NotUnderstood('No local net on this machine: cable or join one, then press again.'),
                default => throw new NotUnderstood("Address: this machine has {$has}; choose one."),
            };
        }
        if (filter_var($said, FILTER_VALIDATE_IP) === false) {
            throw new NotUnderstood("Address: '{$said}' is none; expected one as 192.168.1.20.");
        }
        // Of the machine to itself: nobody else reaches it, and it can be tried so.
        if (self::within($said, '127.0.0.0/8') && $said !== '127.0.0.1') {
            return $said;
        }
        if (! isset($this->all()[$said])) {
            throw new NotUnderstood(
                "{$said} is no address of this machine; it has ".($has === '' ? 'none on a local net' : $has).'.',
            );
        }

        return self::isLocal($said)
            ? $said
            : throw new NotUnderstood("{$said} is a public address; the bench opens only to a local net.");
    }

    /** @return array<string, string> */
    private function all(): array
    {
        if ($this->addresses !== null) {
            return $this->addresses;
        }
        $all = [];
        foreach (net_get_interfaces() ?: [] as $name => $interface) {
            foreach ($interface['up'] ? $interface['unicast'] ?? [] : [] as $one) {
                if (isset($one['address'])) {
                    $all[$one['address']] = (string) $name;
                }
            }
        }

        return $all;
    }

    public static function isLocal(string $address): bool
    {
        foreach (self::LOCAL as $net) {
            if (self::within($address, $net)) {
                return true;
            }
        }

        return false;
    }

    private static function within(string $address, string $net): bool
    {
        [$of, $bits] = explode('/', $net);
        [$a, $b] = [(string) @inet_pton($address), (string) inet_pton($of)];
        if (strlen($a) !== strlen($b)) {
            return false;
        }
        [$whole, $rest] = [intdiv((int) $bits, 8), (int) $bits % 8];
        $mask = 0xFF << 8 - $rest & 0xFF;

        return substr($a, 0, $whole) === substr($b, 0, $whole) &&
            ($rest === 0 || (ord($a[$whole]) & $mask) === (ord($b[$whole]) & $mask));
    }

    /** What a device's address is known by: of IPv6 the half that stays while the phone changes the other. */
    public static function of(string $address): string
    {
        $bytes = @inet_pton($address);

        return is_string($bytes) && strlen($bytes) === 16
            ? bin2hex(substr($bytes, 0, 8)).'::'
            : $address;
    }

    /** @param  list<array-key>  $all */
    private static function list(array $all): string
    {
        return implode(', ', $all);
    }
}
