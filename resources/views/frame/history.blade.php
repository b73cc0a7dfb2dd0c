@extends('frame.page')
@section('plate')
    <h1 class="sentence">
        Everything that was kept</h1>
    <p class="muted">The last 2,000 changes one by one, before that each day's last state.</p>
    <ol
        class="history"
        reversed
    >
        @foreach ($revisions as $revision)
            <li @class([
                'off' => !isset($onPath[$revision->no]),
                'here' => $revision->no === $frame->base,
            ])><span class="figure">{{ App\Support\WallClock::day($revision->at) }}</span>
                <b>{{ App\Frame\Said::told($revision) }}</b>
                @isset($who[$revision->no])
                    <span class="muted">by {{ $who[$revision->no] }}</span>
                @endisset
                @if ($revision->pinned)
                    <span class="muted">({{ $revision->pinned }})</span>
                @endif
                @if ($revision->no === $frame->base)
                    <span class="on-bench">on the bench</span>
                @else
                    @if (!isset($onPath[$revision->no]))
                        <span class="muted">set aside</span>
                    @endif
                    @can('reach', 'restore')
                        <form
                            class="act"
                            method="post"
                            action="{{ $frame->to('restore', no: $revision->no) }}"
                        ><x-hidden /><button class="button is-small">Bring back</button></form>
                    @endcan
                @endif
            </li>
        @endforeach
    </ol>
@endsection
