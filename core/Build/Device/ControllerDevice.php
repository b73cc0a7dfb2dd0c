<?php

declare(strict_types=1);

namespace BenchGlow\Build\Device;

/** A dimmer, colour controller, amplifier, merging box, flasher or half of a radio pair. */
final readonly class ControllerDevice extends Device
{
    public function kind(): string
    {
        return 'controller';
    }

    public function hasBody(): bool
    {
        return true;
    }

    public function symbol(): string
    {
        return 'box';
    }

    /** What a channel is set to, 0 to 1. */
    public function set(string $channel): float
    {
        return $this->fields->object('set')->number($channel, 1.0);
    }

    public function linkWhen(): ?array
    {
        return $this->fields->has('link_when') ? $this->fields->object('link_when')->data : null;
    }

    public function hears(): array
    {
        $heard = [];
        foreach (array_keys($this->fields->object('hears')->data) as $channel) {
            $heard[(string) $channel] = $this->fields->object('hears')->text((string) $channel);
        }

        return $heard;
    }
}
