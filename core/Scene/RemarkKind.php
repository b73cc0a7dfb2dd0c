<?php

declare(strict_types=1);

namespace BenchGlow\Scene;

/** Kinds of remark, each with the words it is told by. */
enum RemarkKind: string
{
    case Oscillates = 'oscillates';
    case Race = 'race';
    case Holds = 'holds once pulled';
    case UnderDriven = 'coil under-driven';
}
