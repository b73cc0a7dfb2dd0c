@if (!$page->isLaid())
    @include('stations.harness.empty')
@elseif ($page->strung())
    @include('stations.harness.string')
@else
    @include('stations.harness.said')
    @include('stations.harness.loom')
    @include('stations.harness.narrow')
    @if ($page->focus())
        @include('stations.harness.stretch')
    @endif
    @include('stations.harness.wires')
    @include('stations.harness.joints')
    @include('stations.harness.leaves')
    @include('stations.harness.cuts')
    @include('stations.harness.schools')
    @include('stations.harness.places')
    @include('stations.harness.paper')
@endif
