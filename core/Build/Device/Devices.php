<?php

declare(strict_types=1);

namespace BenchGlow\Build\Device;

use BenchGlow\Build\Part;
use BenchGlow\Format\Fields;
use LogicException;

/** The kinds of device there are; the only place that turns the file's word for one into its class. */
final class Devices
{
    /** @var array<string, class-string<Device>> */
    public const KINDS = [
        'switch' => SwitchDevice::class,
        'relay' => RelayDevice::class,
        'controller' => ControllerDevice::class,
        'plug' => PlugDevice::class,
        'joint' => JointDevice::class,
        'fuse_tap' => FuseTapDevice::class,
    ];

    public static function of(Fields $f, Part $part): Device
    {
        $class = self::KINDS[$f->text('kind')] ?? throw new LogicException("No class is kind {$f->text('kind')}.");

        return new $class($f, $part);
    }
}
