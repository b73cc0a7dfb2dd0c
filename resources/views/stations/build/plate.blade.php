@php($now = $page->now())
@if ($page->isEmpty())
    <h1 class="sentence">Nothing to build yet. Draw a circuit, or say what must come off.</h1>
    @include('stations.build.panels')
@elseif (!$now)
    <h1 class="sentence">All is done, and back where it was.</h1>
    <p class="muted">{{ BenchGlow\Quantity\Words::count($page->doneCount(), 'step') }} behind you.</p>
    @include('stations.build.folded')
@else
    @include('stations.build.act')
    @include('stations.build.sitting')
    @include('stations.build.wire')
    @include('stations.build.folded')
@endif
