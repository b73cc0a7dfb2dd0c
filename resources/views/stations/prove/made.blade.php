@include('stations.prove.plate')
@if ($page->ready)
    @include('frame.flags', ['oob' => true])
    @include('frame.meter', ['oob' => true])
    @include('frame.line', ['oob' => true])
@endif
