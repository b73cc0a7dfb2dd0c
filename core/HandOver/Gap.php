<?php

declare(strict_types=1);

namespace BenchGlow\HandOver;

/** Something that is missing before a build is handed over. */
final readonly class Gap
{
    /**
     * @param  string  $kind  not_proven · panel_open · fuse_differs · no_fuse_photo · open_points · settings_missing
     * @param  string  $severity  danger · warning · note
     * @param  string  $subject  circuit, panel, fuse, device or open point
     * @param  string  $station  where it is cleared
     * @param  string  $act  what clears it, as a control says it
     */
    public function __construct(
        public string $kind,
        public string $severity,
        public string $subject,
        public string $words,
        public string $station,
        public string $act,
    ) {
    }
}
