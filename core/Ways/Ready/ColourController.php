<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\DoesNotSuit;
use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Section;
use BenchGlow\Ways\Way;

class ColourController extends Way
{
    public function section(): string
    {
        return Section::WHOLE;
    }

    public function name(): string
    {
        return 'Colour controller';
    }

    public function rightWhen(): string
    {
        return 'Any colour, scenes, fades.';
    }

    public function failure(): string
    {
        return 'The controller fails: dark. It draws a little at rest.';
    }

    public function lay(Plan $p): void
    {
        $strips = $p->setting->lights;
        foreach ($strips as $strip) {
            if ($strip['light']->kind !== 'strip' || count($strip['light']->emitters()) < 2) {
                throw new DoesNotSuit('it drives colour strips; this circuit has another light.');
            }
            foreach ([...$strip['plus'], ...$strip['minus']] as $pin) {
                if (explode('.', $pin)[0] !== $strip['light']->id) {
                    throw new DoesNotSuit('the runs of its colours meet in joints; choose for the whole circuit.');
                }
            }
        }
        if ($this->isAmplified()) {
            $p->needLights(2, 'the amplifier drives a second run; this circuit has one.');
        }
        $channels = array_keys($strips[0]['light']->emitters());
        $plus = $strips[0]['light']->part->text('common', 'plus') === 'plus';
        $p->device(
            'c',
            'controller',
            $this->controller(count($channels), $plus),
            [],
            ['set' => array_fill_keys($channels, 1)],
        );
        $p->device('j', 'joint');
        $p->lead($p->plus(), 'j', ['fuse'], 'To the controller');
        $p->lead('j', 'c.in_plus');
        $p->lead('c.in_minus', $p->minus(), [], 'Return of the controller');
        foreach ($strips as $n => $strip) {
            $far = $this->isAmplified() && $n > 0;
            if ($far && $n === 1) {
                self::amplify($p, $channels);
            }
            $driver = $far ? 'a' : 'c';
            foreach ([...$strip['plus'], ...$strip['minus']] as $pin) {
                $p->lead("{$driver}.".substr((string) strrchr($pin, '.'), 1), $pin);
            }
        }
        $p->want(['all' => []]);
    }

    protected function isAmplified(): bool
    {
        return false;
    }

    /** @throws DoesNotSuit where the shelf has none */
    private function controller(int $channels, bool $plus): string
    {
        $key = match (true) {
            $channels === 4 && $plus => 'colour_white_common_plus',
            $channels !== 3 => throw new DoesNotSuit('no controller of the shelf has its number of colours.'),
            default => $plus ? 'colour_common_plus' : 'colour_common_minus',
        };
        if ($this->isAmplified() && (! $plus || $channels !== 3)) {
            throw new DoesNotSuit('the amplifier of the shelf has three channels with a common plus.');
        }

        return $key;
    }

    /** @param  list<string>  $channels */
    private static function amplify(Plan $p, array $channels): void
    {
        $p->device('a', 'controller', 'amplifier_three');
        $p->lead('j', 'a.in_plus');
        $p->lead('a.in_minus', $p->minus(), [], 'Return of the amplifier');
        $p->lead('c.common', 'a.sig_common');
        foreach ($channels as $channel) {
            $p->lead("c.{$channel}", "a.sig_{$channel}");
        }
    }
}
