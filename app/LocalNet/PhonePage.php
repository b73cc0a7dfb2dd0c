<?php

declare(strict_types=1);

namespace App\LocalNet;

use App\Models\Build;
use App\Models\Device;
use App\Models\Pairing;
use App\Store\Bench;
use Illuminate\Http\Request;

/** What the sheet Hold it on the phone shows. */
final readonly class PhonePage
{
    private function __construct(
        public ?Opening $opening,
        public Right $right,
        /** Where a device goes that is let in: what the bench shows; the wall where that is nothing of a build. */
        public string $to,
        private bool $fresh,
    ) {
    }

    public static function of(Request $request): self
    {
        $to = (string) $request->string('to');
        $right = Right::tryFrom((string) $request->string('rights'));

        return new self(
            Opening::now(),
            $right !== null && isset(Right::GIVEN[$right->value]) ? $right : Right::Work,
            Bell::isPage($to) ? $to : '/',
            $request->path() === 'phone',
        );
    }

    /** @return array<string, string> address => the interface it is on */
    public function networks(): array
    {
        return (new Networks())->local();
    }

    /** What is reached there, in the builder's words. */
    public function reached(): string
    {
        if (preg_match('#^/b/([0-9a-f]{16})/([a-z]+)#', $this->to, $m) !== 1) {
            return 'the builds wall';
        }
        $title = Build::query()->where('key', $m[1])->value('title');

        return is_string($title) ? $title : 'the builds wall';
    }

    /** The code that is good; null while a pause runs. */
    public function pairing(): ?Pairing
    {
        $pairing = Pairings::shown($this->right, $this->to, $this->fresh);
        $other = $pairing !== null && ($pairing->rights !== $this->right->value || $pairing->to !== $this->to);
        if ($other) {
            $pairing->update(['rights' => $this->right->value, 'to' => $this->to]);
        }

        return $pairing;
    }

    /** @return int seconds until there is a next code */
    public function pause(): int
    {
        return Pairings::pause()->left();
    }

    /** A device that came in just now. */
    public function cameIn(): ?Device
    {
        $since = now()->subSeconds(60)->format('Y-m-d H:i:s');
        $last = Pairing::query()->where('used_at', '>', $since)->orderByDesc('id')->first();

        return $last?->device_id === null ? null : Device::query()->find($last->device_id);
    }

    /** @return int seconds a code is still good */
    public function lasts(Pairing $pairing): int
    {
        return max(0, (int) strtotime($pairing->expires_at) - (int) strtotime(Bench::now()));
    }

    /** @return array{int, string} */
    public function qr(): array
    {
        return Qr::of(($this->opening?->url() ?? '').'/pair');
    }

    public function fingerprint(): ?Fingerprint
    {
        return $this->opening === null ? null : Fingerprint::at($this->opening);
    }

    /** @return list<Device> */
    public function devices(): array
    {
        return Devices::all();
    }
}
