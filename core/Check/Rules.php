<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Analysis\Analysis;

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
        StripHeatRule::class,
        LeadUndecidedRule::class,
        LeadSpareCoreRule::class,
        LightUnfedRule::class,
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
        CoilUnderDrivenRule::class,
        CoilNoQuenchRule::class,
        CoilFadingRule::class,
        RelayChattersRule::class,
        RelayRaceRule::class,
        RelaySealInRule::class,
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
        PlugLiveHalfRule::class,
        StandbyDrawRule::class,
        HoursFromFullRule::class,
        StoryFlatRule::class,
        StoryImpossibleRule::class,
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
    ];

    /** @return list<Finding> worst first, then in the order of the rules; those set aside carry their reason */
    public static function check(Analysis $analysis): array
    {
        return self::told($analysis, self::ofWiring($analysis));
    }

    /** @return list<Finding> of the rules that read nothing but what is wired: good as long as that stays */
    public static function ofWiring(Analysis $analysis): array
    {
        return self::of($analysis, fn (Rule $rule): bool => ! $rule instanceof ReadsBenchFacts);
    }

    /**
     * Findings of the wiring with those of the bench facts, as they are shown.
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
        $place = array_flip(array_map(fn (string $class): string => (new $class)->id(), self::ALL));
        $rank = fn (Finding $f): array => [$f->severity->rank(), $place[$f->rule]];
        usort($told, fn (Finding $a, Finding $b): int => $rank($a) <=> $rank($b));

        return $told;
    }

    /**
     * @param  callable(Rule): bool  $asked
     * @return list<Finding>
     */
    private static function of(Analysis $analysis, callable $asked): array
    {
        $findings = [];
        foreach (self::ALL as $class) {
            $rule = new $class;
            if ($asked($rule)) {
                array_push($findings, ...$rule->check($analysis));
            }
        }

        return $findings;
    }
}
