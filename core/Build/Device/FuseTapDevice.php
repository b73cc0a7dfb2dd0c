<?php

declare(strict_types=1);

namespace BenchGlow\Build\Device;

use BenchGlow\Quantity\Shown;

/** A tap in a fuse way of the host, with a fuse of its own. */
final readonly class FuseTapDevice extends Device
{
    public function kind(): string
    {
        return 'fuse_tap';
    }

    public function pins(): array
    {
        return ['out'];
    }

    public function symbol(): string
    {
        return 'tap';
    }

    /** The way of the host it sits in. */
    public function way(): string
    {
        return $this->fields->text('way');
    }

    public function fuseA(): ?float
    {
        return $this->fields->numberOrNull('fuse_a');
    }

    /** common · other · unknown: the leg that is on the live side */
    public function liveLeg(): string
    {
        return $this->fields->text('live_leg', 'common');
    }

    /** Side of the way's fuse it hangs on; null where nobody has probed it. */
    public function side(): ?string
    {
        return ['common' => 'line', 'other' => 'load'][$this->liveLeg()] ?? null;
    }

    public function row(): array
    {
        $fuse = $this->fuseA();

        return [
            'fuse_tap_'.(float) $fuse,
            'fuse tap'.($fuse === null ? '' : ', '.Shown::plain($fuse, 1).' A'),
            null,
        ];
    }
}
