<?php

declare(strict_types=1);

namespace App\Frame;

/** What stands at the foot of every page: the version, the guide, the licences. */
final class Foot
{
    /** The one version number, that of composer.json. */
    public static function version(): string
    {
        return config()->string('app.version');
    }

    /** @return array<string, string> what ships => address of its licence */
    public static function licences(): array
    {
        $all = [];
        foreach (glob(public_path('assets/licences/*.txt')) ?: [] as $file) {
            $all[ucfirst(strtr(basename($file, '.txt'), '-', ' '))] = '/assets/licences/'.basename($file);
        }

        return $all;
    }
}
