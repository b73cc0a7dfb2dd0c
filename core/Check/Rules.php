<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Brief\BriefFactRule;
use BenchGlow\Check\Brief\GearAlteredRule;
use BenchGlow\Check\Brief\MercuryTiltRule;
use BenchGlow\Check\Brief\NeededByRule;
use BenchGlow\Check\Brief\PlaceFactRule;
use BenchGlow\Check\Brief\RoadLawRule;
use BenchGlow\Check\Brief\StoryImpossibleRule;
use BenchGlow\Check\Brief\WaterLawRule;
use BenchGlow\Check\Colour\AnodeMismatchRule;
use BenchGlow\Check\Colour\ChannelCrossedRule;
use BenchGlow\Check\Colour\ColourFadesRule;
use BenchGlow\Check\Colour\HostLampMixesRule;
use BenchGlow\Check\Fuse\FuseExceedsWireRule;
use BenchGlow\Check\Fuse\FuseMayNotBlowRule;
use BenchGlow\Check\Fuse\FuseMissingRule;
use BenchGlow\Check\Fuse\FuseTooFarRule;
use BenchGlow\Check\Fuse\FuseTooSmallRule;
use BenchGlow\Check\HandOver\FailsOftenRule;
use BenchGlow\Check\HandOver\FuseDiffersRule;
use BenchGlow\Check\HandOver\NoFusePhotoRule;
use BenchGlow\Check\HandOver\NotProvenRule;
use BenchGlow\Check\HandOver\OpenPointsRule;
use BenchGlow\Check\HandOver\PanelOpenRule;
use BenchGlow\Check\HandOver\SettingsMissingRule;
use BenchGlow\Check\Layout\BareSourceRule;
use BenchGlow\Check\Layout\BehindRule;
use BenchGlow\Check\Layout\BendTightRule;
use BenchGlow\Check\Layout\CornerOpenRule;
use BenchGlow\Check\Layout\DarkCornerRule;
use BenchGlow\Check\Layout\DarkSpotRule;
use BenchGlow\Check\Layout\DrainLitRule;
use BenchGlow\Check\Layout\DryDiffersRule;
use BenchGlow\Check\Layout\FlangeRule;
use BenchGlow\Check\Layout\FootprintGapRule;
use BenchGlow\Check\Layout\HoleLoadedRule;
use BenchGlow\Check\Layout\HotSpotRule;
use BenchGlow\Check\Layout\IslandRule;
use BenchGlow\Check\Layout\LevelUnevenRule;
use BenchGlow\Check\Layout\OutOfStepRule;
use BenchGlow\Check\Layout\PairUnlikeRule;
use BenchGlow\Check\Layout\PanelHotRule;
use BenchGlow\Check\Layout\PastPieceRule;
use BenchGlow\Check\Layout\SensorMarginRule;
use BenchGlow\Check\Layout\SensorSenseRule;
use BenchGlow\Check\Layout\SensorUntriedRule;
use BenchGlow\Check\Layout\StrayRule;
use BenchGlow\Check\Layout\StrokeNarrowRule;
use BenchGlow\Check\Layout\TooBrightRule;
use BenchGlow\Check\Layout\WebThinRule;
use BenchGlow\Check\Layout\WontHoldRule;
use BenchGlow\Check\Lead\DeadEndRule;
use BenchGlow\Check\Lead\DiodeOverAmpsRule;
use BenchGlow\Check\Lead\DiodeReversedRule;
use BenchGlow\Check\Lead\FeedDropRule;
use BenchGlow\Check\Lead\GroundRule;
use BenchGlow\Check\Lead\JointOverAmpsRule;
use BenchGlow\Check\Lead\LeadSpareCoreRule;
use BenchGlow\Check\Lead\LeadUndecidedRule;
use BenchGlow\Check\Lead\LeadUnusedLiveRule;
use BenchGlow\Check\Lead\PlugLiveHalfRule;
use BenchGlow\Check\Lead\PlugOverAmpsRule;
use BenchGlow\Check\Lead\UnsealedRule;
use BenchGlow\Check\Lead\WireNoneFitsRule;
use BenchGlow\Check\Lead\WireOverAmpsRule;
use BenchGlow\Check\Lead\WireTooThinRule;
use BenchGlow\Check\Light\AlwaysLitRule;
use BenchGlow\Check\Light\LedOverLimitRule;
use BenchGlow\Check\Light\LedThinHeadroomRule;
use BenchGlow\Check\Light\LevelsTooAlikeRule;
use BenchGlow\Check\Light\LightDarkAtLowRule;
use BenchGlow\Check\Light\LightReversedRule;
use BenchGlow\Check\Light\LightUnfedRule;
use BenchGlow\Check\Light\LightVoltageRule;
use BenchGlow\Check\Light\LiveWhenOffRule;
use BenchGlow\Check\Light\PartImpossibleRule;
use BenchGlow\Check\Light\ResistorSharedRule;
use BenchGlow\Check\Light\ResistorTooHotRule;
use BenchGlow\Check\Light\ReverseVoltageRule;
use BenchGlow\Check\Light\StripCutMismatchRule;
use BenchGlow\Check\Light\StripDimEndRule;
use BenchGlow\Check\Light\StripHeatRule;
use BenchGlow\Check\Light\StripRunTooLongRule;
use BenchGlow\Check\Light\StripTooShortRule;
use BenchGlow\Check\Light\SwitchingOnPwmRule;
use BenchGlow\Check\Loom\ColourAgainstRule;
use BenchGlow\Check\Loom\ColourTwiceRule;
use BenchGlow\Check\Loom\CutNotExactRule;
use BenchGlow\Check\Loom\EndOpenRule;
use BenchGlow\Check\Loom\EndsApartRule;
use BenchGlow\Check\Loom\FuseUnreachableRule;
use BenchGlow\Check\Loom\GroundCrowdedRule;
use BenchGlow\Check\Loom\GroundForbiddenRule;
use BenchGlow\Check\Loom\HingeShortRule;
use BenchGlow\Check\Loom\HostHalfRule;
use BenchGlow\Check\Loom\JointBuriedRule;
use BenchGlow\Check\Loom\JointMovesRule;
use BenchGlow\Check\Loom\LeadTooShortRule;
use BenchGlow\Check\Loom\LoomFullRule;
use BenchGlow\Check\Loom\LoomHiddenRule;
use BenchGlow\Check\Loom\PartsLateRule;
use BenchGlow\Check\Loom\PastEndRule;
use BenchGlow\Check\Loom\PlugAlikeRule;
use BenchGlow\Check\Loom\PlugMissingRule;
use BenchGlow\Check\Loom\PlugOverRule;
use BenchGlow\Check\Loom\PlugWaysRule;
use BenchGlow\Check\Loom\PlugWetRule;
use BenchGlow\Check\Loom\RouteHotRule;
use BenchGlow\Check\Loom\SideUnmarkedRule;
use BenchGlow\Check\Loom\SpareLongRule;
use BenchGlow\Check\Loom\StrainNoneRule;
use BenchGlow\Check\Loom\TerminalCrowdedRule;
use BenchGlow\Check\Loom\TerminalLooseRule;
use BenchGlow\Check\Loom\TerminalOverRule;
use BenchGlow\Check\Loom\TubeNoneRule;
use BenchGlow\Check\Loom\TwoLinesRule;
use BenchGlow\Check\Loom\UnfixedRule;
use BenchGlow\Check\Loom\UnfusedHoleRule;
use BenchGlow\Check\Loom\UnguardedRule;
use BenchGlow\Check\Loom\UnplacedRule;
use BenchGlow\Check\Loom\WireStiffRule;
use BenchGlow\Check\Loom\WireZoneRule;
use BenchGlow\Check\Price\BelowCostRule;
use BenchGlow\Check\Price\ExpiredRule;
use BenchGlow\Check\Price\NoPriceRule;
use BenchGlow\Check\Price\OptionStaleRule;
use BenchGlow\Check\Probe\DirtyGroundRule;
use BenchGlow\Check\Probe\NeverTouchedRule;
use BenchGlow\Check\Probe\ProbeConflictRule;
use BenchGlow\Check\Probe\UnprovenTapRule;
use BenchGlow\Check\Probe\WayLegRule;
use BenchGlow\Check\Proof\BaselineRule;
use BenchGlow\Check\Proof\BeforeClosingRule;
use BenchGlow\Check\Proof\FailedRule;
use BenchGlow\Check\Proof\HuntOpenRule;
use BenchGlow\Check\Proof\StaleRule;
use BenchGlow\Check\Supply\DriverOverloadedRule;
use BenchGlow\Check\Supply\HoursFromFullRule;
use BenchGlow\Check\Supply\ReturnElsewhereRule;
use BenchGlow\Check\Supply\RippleRule;
use BenchGlow\Check\Supply\StandbyDrawRule;
use BenchGlow\Check\Supply\StoryFlatRule;
use BenchGlow\Check\Supply\SuppliesJoinedRule;
use BenchGlow\Check\Supply\SupplyShortedRule;
use BenchGlow\Check\Switching\CircuitNotSolvedRule;
use BenchGlow\Check\Switching\CoilFadingRule;
use BenchGlow\Check\Switching\CoilNoQuenchRule;
use BenchGlow\Check\Switching\CoilOverVoltsRule;
use BenchGlow\Check\Switching\CoilThroughLampsRule;
use BenchGlow\Check\Switching\CoilUnderDrivenRule;
use BenchGlow\Check\Switching\ComposeDriftedRule;
use BenchGlow\Check\Switching\ContactOverRatingRule;
use BenchGlow\Check\Switching\ControllerTotalOverRule;
use BenchGlow\Check\Switching\DimmerChannelOverRule;
use BenchGlow\Check\Switching\FlasherFastRule;
use BenchGlow\Check\Switching\FlickerRule;
use BenchGlow\Check\Switching\IntentNotMetRule;
use BenchGlow\Check\Switching\OutputsJoinedRule;
use BenchGlow\Check\Switching\PartUnboundRule;
use BenchGlow\Check\Switching\RelayChattersRule;
use BenchGlow\Check\Switching\RelayRaceRule;
use BenchGlow\Check\Switching\RelaySealInRule;
use BenchGlow\Check\Switching\SectionDoubledRule;
use BenchGlow\Check\Switching\WishNoSignalRule;
use BenchGlow\Check\Tap\DonorFuseEnlargedRule;
use BenchGlow\Check\Tap\DonorNotPermittedRule;
use BenchGlow\Check\Tap\DonorOverloadedRule;
use BenchGlow\Check\Tap\HostBackFedRule;
use BenchGlow\Check\Tap\MotorSpikesRule;
use BenchGlow\Check\Tap\RelayNeededRule;
use BenchGlow\Check\Tap\SignalNotToTapRule;
use BenchGlow\Check\Tap\SignalOverCapacityRule;
use BenchGlow\Check\Tap\TapGaugeRule;
use BenchGlow\Check\Tap\TapLegRule;
use BenchGlow\Check\Tap\TapUnfusedRule;
use BenchGlow\Check\Work\BuiltOtherwiseRule;
use BenchGlow\Check\Work\ConsumableShortRule;
use BenchGlow\Check\Work\CureShortRule;
use BenchGlow\Check\Work\EdgeBareRule;
use BenchGlow\Check\Work\EndTooBigRule;
use BenchGlow\Check\Work\FastenerForbiddenRule;
use BenchGlow\Check\Work\FastenerLostRule;
use BenchGlow\Check\Work\HelperNeededRule;
use BenchGlow\Check\Work\HoleUnseenRule;
use BenchGlow\Check\Work\KitShortRule;
use BenchGlow\Check\Work\LateRule;
use BenchGlow\Check\Work\NoDarkHourRule;
use BenchGlow\Check\Work\NoPanelsRule;
use BenchGlow\Check\Work\OutOfOrderRule;
use BenchGlow\Check\Work\OverBudgetRule;
use BenchGlow\Check\Work\OwnCircleRule;
use BenchGlow\Check\Work\PanelFastenersRule;
use BenchGlow\Check\Work\PanelGivesRule;
use BenchGlow\Check\Work\PartLateRule;
use BenchGlow\Check\Work\RestUnsafeRule;
use BenchGlow\Check\Work\SleeveMissedRule;
use BenchGlow\Check\Work\StepOrphanedRule;
use BenchGlow\Check\Work\TimesUnlikelyRule;
use BenchGlow\Format\Fields;

/** The one ordered list of rules. */
final class Rules
{
    /** @var list<class-string<Rule>> */
    public const ALL = [
        FuseMissingRule::class,
        FuseExceedsWireRule::class,
        FuseTooSmallRule::class,
        FuseMayNotBlowRule::class,
        FuseTooFarRule::class,
        FeedDropRule::class,
        WireOverAmpsRule::class,
        WireNoneFitsRule::class,
        WireTooThinRule::class,
        PlugOverAmpsRule::class,
        JointOverAmpsRule::class,
        StripDimEndRule::class,
        StripRunTooLongRule::class,
        StripCutMismatchRule::class,
        StripTooShortRule::class,
        LightVoltageRule::class,
        PartImpossibleRule::class,
        LedOverLimitRule::class,
        LedThinHeadroomRule::class,
        LightDarkAtLowRule::class,
        ResistorTooHotRule::class,
        DriverOverloadedRule::class,
        RippleRule::class,
        ReturnElsewhereRule::class,
        StripHeatRule::class,
        LeadUndecidedRule::class,
        LeadSpareCoreRule::class,
        LightUnfedRule::class,
        DiodeReversedRule::class,
        DiodeOverAmpsRule::class,
        TapLegRule::class,
        ChannelCrossedRule::class,
        TapUnfusedRule::class,
        TapGaugeRule::class,
        DonorOverloadedRule::class,
        DonorFuseEnlargedRule::class,
        DonorNotPermittedRule::class,
        RelayNeededRule::class,
        SignalNotToTapRule::class,
        SignalOverCapacityRule::class,
        HostBackFedRule::class,
        SuppliesJoinedRule::class,
        ContactOverRatingRule::class,
        DimmerChannelOverRule::class,
        ControllerTotalOverRule::class,
        OutputsJoinedRule::class,
        SwitchingOnPwmRule::class,
        CoilUnderDrivenRule::class,
        CoilOverVoltsRule::class,
        CoilNoQuenchRule::class,
        CoilFadingRule::class,
        RelayChattersRule::class,
        RelayRaceRule::class,
        RelaySealInRule::class,
        CoilThroughLampsRule::class,
        PartUnboundRule::class,
        SectionDoubledRule::class,
        ComposeDriftedRule::class,
        LightReversedRule::class,
        ReverseVoltageRule::class,
        ResistorSharedRule::class,
        AlwaysLitRule::class,
        LiveWhenOffRule::class,
        LevelsTooAlikeRule::class,
        AnodeMismatchRule::class,
        ColourFadesRule::class,
        HostLampMixesRule::class,
        FlickerRule::class,
        FlasherFastRule::class,
        MotorSpikesRule::class,
        GroundRule::class,
        LeadUnusedLiveRule::class,
        DeadEndRule::class,
        UnsealedRule::class,
        PlugLiveHalfRule::class,
        StandbyDrawRule::class,
        HoursFromFullRule::class,
        StoryFlatRule::class,
        StoryImpossibleRule::class,
        NeverTouchedRule::class,
        UnprovenTapRule::class,
        ProbeConflictRule::class,
        DirtyGroundRule::class,
        WayLegRule::class,
        OutOfStepRule::class,
        PastPieceRule::class,
        CornerOpenRule::class,
        BendTightRule::class,
        DarkCornerRule::class,
        WontHoldRule::class,
        DryDiffersRule::class,
        DrainLitRule::class,
        WebThinRule::class,
        HoleLoadedRule::class,
        FlangeRule::class,
        BehindRule::class,
        DarkSpotRule::class,
        TooBrightRule::class,
        StrokeNarrowRule::class,
        LevelUnevenRule::class,
        PanelHotRule::class,
        IslandRule::class,
        HotSpotRule::class,
        FootprintGapRule::class,
        BareSourceRule::class,
        StrayRule::class,
        SensorUntriedRule::class,
        SensorMarginRule::class,
        SensorSenseRule::class,
        PairUnlikeRule::class,
        UnplacedRule::class,
        EndsApartRule::class,
        LeadTooShortRule::class,
        PastEndRule::class,
        SpareLongRule::class,
        HingeShortRule::class,
        UnguardedRule::class,
        UnfusedHoleRule::class,
        RouteHotRule::class,
        UnfixedRule::class,
        EndOpenRule::class,
        LoomFullRule::class,
        LoomHiddenRule::class,
        WireZoneRule::class,
        WireStiffRule::class,
        JointBuriedRule::class,
        JointMovesRule::class,
        TerminalOverRule::class,
        TerminalLooseRule::class,
        TerminalCrowdedRule::class,
        TubeNoneRule::class,
        PlugMissingRule::class,
        TwoLinesRule::class,
        PlugWaysRule::class,
        PlugOverRule::class,
        PlugAlikeRule::class,
        PlugWetRule::class,
        HostHalfRule::class,
        GroundForbiddenRule::class,
        GroundCrowdedRule::class,
        FuseUnreachableRule::class,
        ColourTwiceRule::class,
        ColourAgainstRule::class,
        SideUnmarkedRule::class,
        StrainNoneRule::class,
        PartsLateRule::class,
        CutNotExactRule::class,
        BriefFactRule::class,
        PlaceFactRule::class,
        NeededByRule::class,
        RoadLawRule::class,
        WaterLawRule::class,
        MercuryTiltRule::class,
        GearAlteredRule::class,
        SupplyShortedRule::class,
        CircuitNotSolvedRule::class,
        IntentNotMetRule::class,
        WishNoSignalRule::class,
        RestUnsafeRule::class,
        FastenerForbiddenRule::class,
        HoleUnseenRule::class,
        FastenerLostRule::class,
        BuiltOtherwiseRule::class,
        OutOfOrderRule::class,
        SleeveMissedRule::class,
        EdgeBareRule::class,
        CureShortRule::class,
        OwnCircleRule::class,
        LateRule::class,
        PartLateRule::class,
        KitShortRule::class,
        ConsumableShortRule::class,
        EndTooBigRule::class,
        HelperNeededRule::class,
        NoDarkHourRule::class,
        OverBudgetRule::class,
        NoPanelsRule::class,
        PanelGivesRule::class,
        PanelFastenersRule::class,
        StepOrphanedRule::class,
        TimesUnlikelyRule::class,
        FailedRule::class,
        BeforeClosingRule::class,
        BaselineRule::class,
        HuntOpenRule::class,
        StaleRule::class,
        NotProvenRule::class,
        PanelOpenRule::class,
        FuseDiffersRule::class,
        NoFusePhotoRule::class,
        OpenPointsRule::class,
        SettingsMissingRule::class,
        FailsOftenRule::class,
        OptionStaleRule::class,
        BelowCostRule::class,
        NoPriceRule::class,
        ExpiredRule::class,
    ];

    /** @return list<Finding> worst first, then in the order of the rules; those set aside carry their reason */
    public static function check(Analysis $analysis): array
    {
        return self::told($analysis, [
            ...self::ofWiring($analysis),
            ...self::ofLayouts($analysis),
            ...self::ofWork($analysis),
            ...self::ofMoment(Moment::ofDocument($analysis)),
        ]);
    }

    /** @return list<Finding> of the rules that read nothing but what is wired: good as long as that stays */
    public static function ofWiring(Analysis $analysis): array
    {
        return self::of(
            $analysis,
            fn (Rule $rule): bool => ! ($rule instanceof ReadsBenchFacts) &&
                ! ($rule instanceof ReadsLayouts) &&
                ! ($rule instanceof ReadsWork) &&
                ! ($rule instanceof ReadsProof) &&
                ! ($rule instanceof ReadsHandOver) &&
                ! ($rule instanceof ReadsMoment),
        );
    }

    /** @return list<Finding> of the rules that read what is laid out where: good as long as that and the wiring stay */
    public static function ofLayouts(Analysis $analysis): array
    {
        return $analysis->build->document->layoutHash() === ''
            ? []
            : self::of($analysis, fn (Rule $rule): bool => $rule instanceof ReadsLayouts);
    }

    /** @return list<Finding> of the rules that read what was done, what comes off, what was proven: good as long as the document stays */
    public static function ofWork(Analysis $analysis): array
    {
        $build = $analysis->build;
        $fields = $build->document->fields();
        $log = array_filter($fields->objects('log'), fn (Fields $entry): bool => ! $entry->isA('measured'));
        $work = $fields->object('work');
        $worked =
            [...$work->data, ...$log] !== [] || $build->panels !== [] || $build->fixings !== [] || $build->holes !== [];
        $proven = [...$fields->items('gates'), ...$fields->items('faults'), ...$work->items('done')] !== [];
        $handed = [...$fields->object('quote')->data, ...$fields->object('handover')->data] !== [];

        return [
            ...$worked ? self::of($analysis, fn (Rule $rule): bool => $rule instanceof ReadsWork) : [],
            ...$proven ? self::of($analysis, fn (Rule $rule): bool => $rule instanceof ReadsProof) : [],
            ...$handed ? self::of($analysis, fn (Rule $rule): bool => $rule instanceof ReadsHandOver) : [],
        ];
    }

    /** @return list<Finding> of the rules that ask what time it is */
    public static function ofMoment(Moment $moment): array
    {
        return self::of(
            $moment->analysis,
            fn (Rule $rule): bool => $rule instanceof ReadsMoment,
            fn (Rule $rule): array => $rule instanceof ReadsMoment ? $rule->seen($moment) : [],
        );
    }

    /** Whether a rule is of the loom, by its id. */
    public static function readsLoom(string $id): bool
    {
        foreach (self::ALL as $class) {
            if (str_starts_with($class, __NAMESPACE__.'\\Loom\\') && (new $class())->id() === $id) {
                return true;
            }
        }

        return false;
    }

    /** Whether a rule reads layouts, by its id. */
    public static function readsLayouts(string $id): bool
    {
        foreach (self::ALL as $class) {
            if (is_a($class, ReadsLayouts::class, true) && (new $class())->id() === $id) {
                return true;
            }
        }

        return false;
    }

    /**
     * Findings of the wiring and the layouts with those of the bench facts, as they are shown.
     *
     * @param  list<Finding>  $ofWiring
     * @return list<Finding> worst first, then in the order of the rules
     */
    public static function told(Analysis $analysis, array $ofWiring): array
    {
        $all = [...$ofWiring, ...self::of($analysis, fn (Rule $rule): bool => $rule instanceof ReadsBenchFacts)];
        $aside = [];
        foreach ($analysis->build->document->fields()->objects('accepted') as $a) {
            $aside["{$a->text('rule')} {$a->text('subject')}"] = $a->text('reason');
        }
        $told = array_map(function (Finding $f) use ($aside): Finding {
            $reason = $aside["{$f->rule} {$f->subject}"] ?? null;

            // Danger can't be set aside.
            return $reason !== null && $f->severity !== Severity::Danger ? $f->accepted($reason) : $f;
        }, $all);
        $place = array_flip(array_map(fn (string $class): string => (new $class())->id(), self::ALL));
        $rank = fn (Finding $f): array => [$f->severity->rank(), $place[$f->rule]];
        usort($told, fn (Finding $a, Finding $b): int => $rank($a) <=> $rank($b));

        return $told;
    }

    /**
     * @param  callable(Rule): bool  $asked
     * @param  (callable(Rule): list<Finding>)|null  $ask  where it is asked in another way
     * @return list<Finding>
     */
    private static function of(Analysis $analysis, callable $asked, ?callable $ask = null): array
    {
        $findings = [];
        foreach (self::ALL as $class) {
            $rule = new $class();
            if ($asked($rule)) {
                array_push(
                    $findings,
                    ...array_map(
                        fn (Finding $f): Finding => Mends::of($analysis, $f),
                        $ask === null ? $rule->check($analysis) : $ask($rule),
                    ),
                );
            }
        }

        return $findings;
    }
}
