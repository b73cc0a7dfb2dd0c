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
        $accepted = [];
        foreach ($analysis->build->document->fields()->objects('accepted') as $a) {
            $accepted[$a->text('rule').' '.$a->text('subject')] = $a->text('reason');
        }
        $findings = [];
        foreach (self::ALL as $class) {
            foreach ((new $class())->check($analysis) as $finding) {
                $reason = $accepted["{$finding->rule} {$finding->subject}"] ?? null;
                // Danger can't be set aside.
                $findings[] =
                    $reason !== null && $finding->severity !== Severity::Danger
                        ? $finding->accepted($reason)
                        : $finding;
            }
        }
        usort($findings, fn (Finding $a, Finding $b): int => $a->severity->rank() <=> $b->severity->rank());

        return $findings;
    }
}
