<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Steps\Rule as R;

/** Every rule of precedence, once. */
final class Order
{
    /** @var list<class-string<Before>> */
    public const ALL = [
        R\BaselineFirst::class,
        R\KitComplete::class,
        R\PartArrived::class,
        R\PanelReach::class,
        R\PanelBehind::class,
        R\LookDrillDress::class,
        R\DustAway::class,
        R\DressPass::class,
        R\SleeveJoin::class,
        R\BootPlug::class,
        R\ThreadEnd::class,
        R\JoinPull::class,
        R\CutEnd::class,
        R\BenchFix::class,
        R\DryCleanStick::class,
        R\TrialFix::class,
        R\MadeRun::class,
        R\RunLand::class,
        R\TieTest::class,
        R\FarEndSource::class,
        R\LoadSource::class,
        R\ReliefClose::class,
        R\RecordHide::class,
        R\ShortsFuse::class,
        R\FuseLast::class,
        R\HostWholeLive::class,
        R\OpenTestClose::class,
        R\CloseReverse::class,
        R\CloseClosedTest::class,
        R\ResetAfter::class,
        R\CureLoad::class,
        R\NightAfter::class,
        R\SideFirst::class,
        R\OldLast::class,
        R\Own::class,
    ];
}
