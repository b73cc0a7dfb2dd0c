<?php

declare(strict_types=1);

namespace App\Stations;

/** How far a station is, as its bead on the run says. */
enum Bead: string
{
    case Ring = 'ring';
    case Begun = 'begun';
    case Warned = 'warned';
    case Holds = 'holds';
    case Danger = 'danger';
    /** Nothing here is asked of this build: the wire goes past it. */
    case Bridged = 'bridged';

    public function words(): string
    {
        return match ($this) {
            self::Ring => 'nothing yet',
            self::Begun, self::Warned => 'begun',
            self::Holds => 'its checks hold',
            self::Danger => 'danger',
            self::Bridged => 'not needed by this build',
        };
    }
}
