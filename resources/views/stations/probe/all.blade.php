<div
    id="probe"
    @class([
        'probe',
        'left-hand' => $frame->preference->thumb === 'left',
        'bundle-first' => $frame->own('view') !== '',
    ])
    @if ($oob ?? false) hx-swap-oob="true" @endif
>
    @if ($page->isEmpty())
        @include('stations.probe.empty')
    @else
        @include('stations.probe.next')
        @include('stations.probe.bundle')
        @include('stations.probe.needs')
        @include('stations.probe.acts')
        @include('stations.probe.more')
    @endif
</div>
